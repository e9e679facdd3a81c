<?php

declare(strict_types=1);

return [
    'heading' => 'Evidence, each by itself:',
    'tape' => 'Tape',
    'scale' => 'Scale',
    'gauge' => 'Gauge',
    'level' => 'Level on the vehicle',
    'eye' => 'Eye',
    'coupler' => 'Coupler and trailer',
    'figure' => ':mean % ± :doubt',
    'differ' => ':One says :a %, :other says :b %. :why',
    'suspect_reading' => 'One of these readings is probably wrong: see the reading to check.',
    'levelling' => 'Self-levelling may have moved the fenders: measure with it off.',
    'friction' => 'The springs stick where they stopped: roll forward and back and measure again. A scale counts for more than a tape.',
];
