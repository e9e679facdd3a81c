<?php

declare(strict_types=1);

// Readings that a helper calls at the fender while another types.
return [
    'open' => 'Call readings',
    'close' => 'End calling',
    'lead' => 'One tapes and calls, the other types. Each value is shown back large before it is saved.',
    'preferences' => 'How calls are taken',
    'sixteenths' => '38 6 means 38 6/16',
    'pause' => 'Go to the next field',
    'pauses' => ['0' => 'Only when I do', '1000' => 'After 1 second', '1500' => 'After 1.5 seconds', '2500' => 'After 2.5 seconds', '4000' => 'After 4 seconds'],
    'aloud' => 'Read values back aloud, where this device has a voice',
    'save' => 'Save preferences',
    'millimetres' => 'millimetres',
    'and' => ':whole and :fraction',
    'said' => ':place, :value',
    'fraction' => [
        'one' => ['2' => 'a half', '4' => 'a quarter', '8' => 'an eighth', '16' => 'a sixteenth', '32' => 'a thirty-second'],
        'many' => ['2' => ':count halves', '4' => ':count quarters', '8' => ':count eighths', '16' => ':count sixteenths', '32' => ':count thirty-seconds'],
    ],
];
