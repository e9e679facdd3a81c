<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'tension chain, no bars',
    'steps' => [
        'thread' => ['one' => 'thread', 'many' => 'threads'],
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'a friction cone turned by the chains',
    'sway_checks' => [
        'threads' => [
            'says' => 'Both chains tightened alike, by counted threads',
            'remedy' => "Count again from the nut's face, and tighten the slack side.",
        ],
        'plate' => [
            'says' => 'The plate stands straight with the rig in line',
            'remedy' => 'A plate left turned after unhooking at an angle: loosen one side, or ease the vehicle round to bring it back.',
        ],
        'cone' => ['says' => 'Friction cone clean, its spring not worn', 'remedy' => 'Service it to its data sheet.'],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            "Set the chains' brackets at the data sheet's distance from the ball centre, the same on both sides.",
            'Both chains run straight, with the plate in line.',
        ]],
        'bars-up' => [
            'steps' => [
                'Hook both chains with the rig in line, and tighten both nuts alike, by counted threads.',
                'Roll forward and back, and tape both fenders.',
                'Change one thing, then tape again.',
            ],
            'caution' => 'Fingers clear: a tightened chain stores a lot of energy.',
        ],
    ],
    'bars_on' => [
        'hook' => ['does' => 'Hook both chains, with the rig in line.'],
        'tighten' => [
            'does' => 'Tighten both nuts alike, by counted threads, to the marked count.',
            'why' => 'Unlike chains turn the trailer.',
            'caution' => 'Fingers clear: a tightened chain stores a lot of energy.',
        ],
    ],
    'bars_off' => [
        'slacken' => [
            'does' => 'Slacken both nuts by counted threads, and unhook the chains.',
            'why' => 'After unhooking at an angle the plate stands turned: loosen one side, or ease the vehicle round to bring it back.',
            'caution' => 'Fingers clear: a tightened chain stores a lot of energy.',
        ],
    ],
    'grease' => 'Ball. No grease on the cone.',
    'wear' => 'Chains, nuts and threads, the cone and its spring, coupler pin.',
    'quirks' => [
        'It distributes little weight.',
        'Both sides alike, by counted threads.',
        'After unhooking at an angle the plate stands turned: loosen one side, or ease the vehicle round to bring it back.',
    ],
];
