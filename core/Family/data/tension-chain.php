<?php

declare(strict_types=1);

return [
    'name' => 'tension chain, no bars',
    'steps' => ['thread' => ['thread', 'threads'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 2.0, 'steps' => 20],
    'sway' => 'a friction cone turned by the chains',
    'control' => 'cone',
    'sway_checks' => [
        ['threads', 'Both chains tightened alike, by counted threads', 'Count again from the nut\'s face, and turn the slack side up.'],
        ['plate', 'The plate stands straight with the rig straight', 'A plate left turned after unhooking at an angle: loosen one side, or ease the vehicle round to bring it back.'],
        ['cone', 'Friction cone clean, its spring not worn', 'Service by the sheet.'],
    ],
    'bars_on' => [
        ['Hook both chains, straight ahead.', '', ''],
        ['Tighten both nuts alike, by counted threads, to the marked count.', 'Unlike chains turn the trailer.', 'Fingers clear: a tightened chain stores a lot of energy.'],
    ],
    'bars_off' => [
        ['Slacken both nuts by counted threads, and unhook the chains.', 'After unhooking at an angle the plate stands turned: loosen one side, or ease the vehicle round to bring it back.', 'Fingers clear: a tightened chain stores a lot of energy.'],
    ],
    'grease' => 'Ball. No grease on the cone.',
    'wear' => 'Chains, nuts and threads, the cone and its spring, coupler pin.',
    'quirks' => [
        'It distributes little weight.',
        'Both sides alike, by counted threads.',
        'After unhooking at an angle the plate stands turned: loosen one side, or ease the vehicle round to bring it back.',
    ],
];
