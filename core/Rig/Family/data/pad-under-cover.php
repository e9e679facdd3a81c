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
    'quirks' => ['Made for quick fits; the pads wear and are looked at every season.'],
];
