<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'chain and snap-up bracket',
    'steps' => [
        'link' => ['one' => 'link', 'many' => 'links'],
        'washer' => ['one' => 'washer', 'many' => 'washers'],
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'none, or a separate friction bar',
    'sway_checks' => [
        'chains' => [
            'says' => 'Chains hang square and untwisted, the same links on both sides',
            'remedy' => 'Count the links from the same end on both sides; untwist before hooking up.',
        ],
        'friction_bar' => [
            'says' => "The separate friction bar, where there is one, is on, clean and at its data sheet's tension",
            'remedy' => 'Clean its faces, set its handle by the data sheet; slack or off before reversing and where it is slippery, as the data sheet says.',
        ],
    ],
    'bars_on' => [
        'hook' => [
            'does' => 'Put the bars in the head and hook each chain at the marked link, untwisted.',
            'why' => 'A twisted chain is a link shorter.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'snap_up' => [
            'does' => 'Snap the brackets up with the lift tool, and put their pins in.',
            'why' => 'The bracket springs back hard without its pin.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'bars_off' => [
        'let_down' => [
            'does' => 'Take the pins out and let each bracket down with the lift tool.',
            'why' => 'The bracket springs back hard.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'unhook' => ['does' => 'Unhook the chains and take the bars out of the head.'],
    ],
    'grease' => 'Ball, head sockets.',
    'wear' => 'Chains, snap-up brackets and their pins, clips, coupler pin; the faces of a separate friction bar.',
    'quirks' => [
        'Some come off before reversing, as their data sheet says.',
        'Chains hang square to the frame and untwisted.',
        'The bracket springs back hard: fingers clear.',
    ],
];
