<?php

declare(strict_types=1);

return [
    'name' => 'chain and snap-up bracket',
    'steps' => ['link' => ['link', 'links'], 'washer' => ['washer', 'washers'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 27.5, 'steps' => 8],
    'sway' => 'none, or a separate friction bar',
    'control' => 'separate',
    'sway_checks' => [
        ['chains', 'Chains hang square and untwisted, the same links on both sides', 'Count the links from the same end on both sides; untwist before hooking up.'],
        ['friction_bar', 'The separate friction bar, where there is one, is on, clean and at its sheet\'s tension', 'Clean its faces, set its handle by the sheet; slack or off before reversing and where it is slippery, as the sheet says.'],
    ],
    'quirks' => [
        'Some come off before reversing, as their sheet says.',
        'Chains hang square to the frame and untwisted.',
        'The bracket springs back hard: fingers clear.',
    ],
];
