<?php

declare(strict_types=1);

return [
    'name' => 'chain and snap-up bracket',
    'steps' => ['link' => ['link', 'links'], 'washer' => ['washer', 'washers'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 27.5, 'steps' => 8],
    'sway' => 'none, or a separate friction bar',
    'quirks' => [
        'Some come off before reversing, as their sheet says.',
        'Chains hang square to the frame and untwisted.',
        'The bracket springs back hard: fingers clear.',
    ],
];
