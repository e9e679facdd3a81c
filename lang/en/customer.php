<?php

declare(strict_types=1);

// Whose rigs they are.
return [
    'erased_name' => 'erased',
    'expected_name' => 'Expected a name of 1 to 120 characters, without < or >.',
    'expected_phone' => 'Expected a phone number such as +1 555 0100, or nothing.',
    'expected_mail' => 'Expected a mail address such as owner@example.com, or nothing.',
    'expected_consent' => 'Expected their consent: without it nothing of them is kept.',
    'expected_sure' => 'Expected the tick that says you are sure: nothing was erased.',
    'saved' => 'Saved.',
    'erased' => 'Erased. What was measured stays, without a name. Backups made before keep the name until they are pruned.',
    'erased_job' => 'Job :number',
    'erased_vehicle' => 'Vehicle :number',
    'erased_trailer' => 'Trailer :number',
    'erased_hitch' => 'Hitch :number',
];
