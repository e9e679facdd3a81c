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
    'bars_on' => [
        ['Put the bars in the head, swing each over its bracket at the marked hole.', 'A bar on its edge grips little and wears.', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
        ['Both bars lie flat; keeper pins in.', 'Without its keeper a bar can jump off on a bump.', ''],
    ],
    'bars_off' => [
        ['Take the keeper pins out and lift each bar off its bracket with the lift tool.', '', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
        ['Take the bars out of the head; keep their faces clean.', '', ''],
    ],
    'grease' => 'Ball. No grease on bar or bracket: they hold by friction.',
    'wear' => 'Bars and brackets where they rub, pins, clips, coupler pin.',
    'quirks' => [
        'The bar must lie flat on its bracket.',
        'First set-up by washer, small changes by bracket hole.',
    ],
];
