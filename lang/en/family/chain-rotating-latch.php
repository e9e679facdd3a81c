<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'chain and rotating latch',
    'steps' => [
        'link' => ['one' => 'link', 'many' => 'links'],
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'the tension of the bars in the head',
    'sway_checks' => [
        'latches' => [
            'says' => 'Both latches turned home, and their pins in',
            'remedy' => 'Turn each latch home and pin it; the chain runs round opposite sides.',
        ],
        'sockets' => [
            'says' => 'Head sockets greased, no play in them',
            'remedy' => "Grease by the data sheet; worn sockets are the maker's business.",
        ],
    ],
    'bars_on' => [
        'hook' => [
            'does' => 'Put the bars in the head, and lay each chain in its latch at the marked link; it runs round opposite sides.',
            'why' => 'The same latch stands on both sides.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'latch' => [
            'does' => 'Turn both latches home with the lift tool, and put their pins in.',
            'why' => 'A latch without its pin opens on a bump.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'bars_off' => [
        'unlatch' => [
            'does' => 'Take the pins out, hold each latch with the lift tool and let it turn back.',
            'why' => 'It turns by itself once it is past the middle.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'take_out' => ['does' => 'Take the bars out of the head.'],
    ],
    'grease' => "Ball, and the head as its data sheet says: where the bars' load in the head holds against sway, no grease there.",
    'wear' => "Bars' ends and head, chains, latches and their pins, coupler pin.",
    'quirks' => [
        'The same latch stands on both sides, so that the chain runs round opposite sides.',
        'Each latch locks with its pin.',
    ],
];
