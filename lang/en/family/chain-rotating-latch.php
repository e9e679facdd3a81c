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
            'says' => 'Both latches closed, and their pins in',
            'remedy' => 'Close each latch and pin it. The chain runs round opposite sides.',
        ],
        'sockets' => [
            'says' => 'Head sockets greased, no play in them',
            'remedy' => 'Grease to the data sheet. Worn sockets go to the maker.',
        ],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            "Set the brackets at the data sheet's distance from the ball centre, the same on both sides.",
            "Move them within the data sheet's range to clear a gas-bottle tray or the jack.",
            'Chains hang square to the frame and untwisted. Bars lie as parallel to the frame as possible.',
        ]],
        'bars-up' => ['caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'bars_on' => [
        'hook' => [
            'does' => 'Put the bars in the head, and lay each chain in its latch at the marked link, untwisted. On one side it runs round the front of the latch, on the other round the back.',
            'why' => 'Both sides have the same latch. A twisted chain is a link short.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'latch' => [
            'does' => 'Close both latches with the lift tool, and put their pins in.',
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
    'change' => [
        'move' => [
            'does' => 'Lay both chains in their latches at the new link, counted from the same end, untwisted.',
            'why' => 'A twisted chain is a link short.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'grease' => "Ball, and the head as its data sheet says: where the bars' load in the head holds against sway, no grease there.",
    'wear' => "Bars' ends and head, chains, latches and their pins, coupler pin.",
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'One link',
        'specification.hitch.fields.steps.label' => 'Links of the chain',
        'specification.hitch.fields.start_step.label' => 'Link to start with',
    ],
    'suits' => [
        'reversing' => 'Nothing comes off before reversing.',
        'tailgate' => 'Nothing stands up on the head.',
        'obstructions' => 'A latch on each side, at one distance from the ball.',
        'quiet' => 'The loaded bars creak in the head in tight turns.',
        'sway_control' => 'The load of the bars in the head resists a little.',
    ],
];
