<?php

declare(strict_types=1);

return [
    'name' => 'screw jack head with load gauge',
    'steps' => ['turn' => ['turn', 'turns'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 6.0, 'steps' => 24],
    'sway' => 'a friction bracket',
    'quirks' => [
        'The gauge reads tongue weight with bars off and ball load with bars on.',
        'Grease the screw before turning it.',
    ],
];
