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
            'says' => 'The separate friction bar, where there is one, is on, clean and at the tension of its data sheet',
            'remedy' => 'Clean its faces, set its handle as the data sheet says. Slacken it or take it off before reversing and on slippery roads, as the data sheet says.',
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
            'does' => 'Put the bars in the head and hook each chain at the marked link, untwisted.',
            'why' => 'A twisted chain is a link short.',
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
    'change' => [
        'move' => [
            'does' => 'Move both chains to the new link, counted from the same end, untwisted.',
            'why' => 'A twisted chain is a link short. Half a link is set by the bolt between two links.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'grease' => 'Ball, head sockets.',
    'wear' => 'Chains, snap-up brackets and their pins, clips, coupler pin; the faces of a separate friction bar.',
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'One link',
        'specification.hitch.fields.steps.label' => 'Links of the chain',
        'specification.hitch.fields.start_step.label' => 'Link to start with',
        'specification.hitch.fields.tilt_deg.label' => 'One washer, degrees',
        'specification.hitch.fields.tilt_steps.label' => 'Washers',
    ],
    'suits' => [
        'reversing' => 'The bars can stay on where the data sheet allows it; a separate friction bar comes off first.',
        'tailgate' => 'Nothing stands up on the head.',
        'obstructions' => 'Its brackets stand at one distance and move within the range of the data sheet only.',
        'quiet' => 'Hangs by chains: quiet in turns.',
        'sway_control' => 'No sway control of its own: it needs a separate friction bar.',
    ],
];
