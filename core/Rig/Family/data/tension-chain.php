<?php

declare(strict_types=1);

return [
    'name' => 'tension chain, no bars',
    'steps' => ['thread' => ['thread', 'threads'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 2.0, 'steps' => 20],
    'sway' => 'a friction cone turned by the chains',
    'quirks' => [
        'It distributes little weight.',
        'Both sides alike, by counted threads.',
        'After unhooking at an angle the plate stands turned: loosen one side, or ease the vehicle round to bring it back.',
    ],
];
