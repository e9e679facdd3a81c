<?php

declare(strict_types=1);

return [
    'name' => 'pad under cover',
    'steps' => ['hole' => ['height hole', 'height holes'], 'tooth' => ['tooth', 'teeth'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 20.0, 'steps' => 4],
    'sway' => 'friction pads',
    'control' => 'pads',
    'sway_checks' => [
        ['pads', 'Pads flat, clean and thicker than the sheet\'s least', 'Clean or replace them in pairs.'],
        ['covers', 'Covers on, the same height hole on both sides', 'Count the holes on both sides; a cover that is lost lets dirt in.'],
    ],
    'bars_on' => [
        ['Swing the bars in over their pads at the marked height hole.', '', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
        ['Close both covers.', 'A lost cover lets dirt on the pads.', ''],
    ],
    'bars_off' => [
        ['Open the covers and swing the bars off their pads.', '', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'grease' => 'Ball. No grease on pads or bars.',
    'wear' => 'Pads under their covers, covers, pins, clips, coupler pin.',
    'quirks' => ['Made for quick fits; the pads wear and are looked at every season.'],
];
