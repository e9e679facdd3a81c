<?php

declare(strict_types=1);

// What the HTTP interface says, and what its tokens may do.
return [
    'expected_fewer' => 'Expected at most :most tokens of one person. Revoke one that is not needed any more.',
    'unauthenticated' => 'Expected a token in the header Authorization: Bearer yoke_…',
    'forbidden' => 'This token has not the right :right.',
    'invalid' => 'Something does not read. Nothing was saved: see the fields.',
    'conflict' => 'Somebody has saved another reading there since. Nothing was lost: see the fields.',
    'not_found' => 'There is nothing at this address.',
    'too_many' => 'Too many requests. Try again after the seconds in Retry-After.',
    'failed' => 'The server could not do this.',
    'method' => 'This address does not take that method.',
    'expected_stance' => 'Expected a stance: alone, dropped or carried.',
    'expected_key' => 'Expected a key of 1 to 100 plain characters without spaces.',
    'expected_same_body' => 'This key came before with something else. Expected another key for another sending.',
    'expected_measure' => 'Expected at least one of: :kinds.',
    'expected_height' => 'Expected a height: front, rear, or one for each side, such as 954 mm or 37 1/2 in.',
    'expected_step' => 'Expected the step of the display in kilograms, above 0 and at most 100.',
    'expected_name' => 'Expected a name of 1 to 80 characters.',
    'expected_right' => 'Expected at least one right.',
    'right' => [
        'jobs:read' => 'Read jobs and cards',
        'rigs:read' => 'Read rigs',
        'readings:write' => 'Post readings',
    ],
];
