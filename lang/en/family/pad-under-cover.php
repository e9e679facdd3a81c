<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'pad under cover',
    'steps' => [
        'hole' => ['one' => 'height hole', 'many' => 'height holes'],
        'tooth' => ['one' => 'tooth', 'many' => 'teeth'],
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'friction pads',
    'sway_checks' => [
        'pads' => [
            'says' => "Pads flat, clean and thicker than the data sheet's least",
            'remedy' => 'Clean or replace them in pairs.',
        ],
        'covers' => [
            'says' => 'Covers on, the same height hole on both sides',
            'remedy' => 'Count the holes on both sides; a cover that is lost lets dirt in.',
        ],
    ],
    'bars_on' => [
        'swing_in' => [
            'does' => 'Swing the bars in over their pads at the marked height hole.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'covers' => ['does' => 'Close both covers.', 'why' => 'A lost cover lets dirt on the pads.'],
    ],
    'bars_off' => [
        'swing_off' => [
            'does' => 'Open the covers and swing the bars off their pads.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'grease' => 'Ball. No grease on pads or bars.',
    'wear' => 'Pads under their covers, covers, pins, clips, coupler pin.',
    'quirks' => ['Made for quick fits; the pads wear and are looked at every season.'],
];
