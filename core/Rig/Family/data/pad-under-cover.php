<?php

declare(strict_types=1);

return [
    'name' => 'pad under cover',
    'steps' => ['hole' => ['height hole', 'height holes'], 'tooth' => ['tooth', 'teeth'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 20.0, 'steps' => 4],
    'sway' => 'friction pads',
    'quirks' => ['Made for quick fits; the pads wear and are looked at every season.'],
];
