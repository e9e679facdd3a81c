<?php

declare(strict_types=1);

return [
    'name' => 'bar on friction bracket',
    'steps' => ['hole' => ['bracket hole', 'bracket holes'], 'washer' => ['washer', 'washers'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 25.0, 'steps' => 6],
    'sway' => 'the friction of bar on bracket and in the head',
    'control' => 'bracket',
    'sway_checks' => [
        ['flat', 'Both bars lie flat on their brackets', 'Square the brackets, the same distance on both sides; a bar on its edge grips little and wears.'],
        ['faces', 'Friction faces clean and dry, no grease', 'Wipe them with a dry cloth; grease on them is taken off with brake cleaner, as the sheet says.'],
        ['wear', 'Faces and bars not worn past the sheet\'s mark', 'Worn parts are replaced in pairs.'],
    ],
    'quirks' => [
        'The bar must lie flat on its bracket.',
        'First set-up by washer, small changes by bracket hole.',
    ],
];
