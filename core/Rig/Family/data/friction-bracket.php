<?php

declare(strict_types=1);

return [
    'name' => 'bar on friction bracket',
    'steps' => ['hole' => ['bracket hole', 'bracket holes'], 'washer' => ['washer', 'washers'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 25.0, 'steps' => 6],
    'sway' => 'the friction of bar on bracket and in the head',
    'quirks' => [
        'The bar must lie flat on its bracket.',
        'First set-up by washer, small changes by bracket hole.',
    ],
];
