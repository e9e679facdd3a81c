<?php

declare(strict_types=1);

return [
    'name' => 'screw jack head with load gauge',
    'steps' => ['turn' => ['turn', 'turns'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 6.0, 'steps' => 24],
    'sway' => 'a friction bracket',
    'control' => 'bracket',
    'sway_checks' => [
        ['faces', 'Friction faces of the bracket clean and dry', 'Wipe them with a dry cloth; no grease but on the screw.'],
        ['gauge', 'The gauge stands at its target, bars on', 'Grease the screw, then turn it until the gauge shows the target.'],
        ['level_bars', 'Both bars bear alike on their brackets', 'Look from behind: equal bend on both sides.'],
    ],
    'quirks' => [
        'The gauge reads tongue weight with bars off and ball load with bars on.',
        'Grease the screw before turning it.',
    ],
];
