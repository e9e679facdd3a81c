<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'bar on cam',
    'steps' => [
        'link' => ['one' => 'link', 'many' => 'links'],
        'washer' => ['one' => 'washer', 'many' => 'washers'],
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'cams under the crown of the bars, restoring',
    'sway_checks' => [
        'cams' => [
            'says' => "Cams sit under the bars' crown when the rig is in line",
            'remedy' => "Drive a few lengths straight ahead, then move the cam's bracket until crown and cam meet, the same on both sides.",
        ],
        'crowns' => [
            'says' => 'Crowns and cams are clean, little or no grease on them',
            'remedy' => 'Wipe them. A smear of grease at most, if the data sheet asks for it.',
        ],
        'cam_bolts' => [
            'says' => 'Cam brackets tight, arms not bent',
            'remedy' => 'Torque to the data sheet. Replace a bent arm.',
        ],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            "Set the brackets at the data sheet's distance from the ball centre, the same on both sides.",
            "Move them within the data sheet's range to clear a gas-bottle tray or the jack.",
            'Cams sit under the bars\' crown. Chains hang square to the frame and untwisted. Bars lie as parallel to the frame as possible.',
        ]],
        'bars-up' => ['caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'bars_on' => [
        'hook' => [
            'does' => 'Put the bars in the head, swing each in over its cam, and hook its chain at the marked link, untwisted.',
            'why' => 'The cam must meet the crown, or it cannot bring the rig back into line. A twisted chain is a link short.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'close' => [
            'does' => 'Close both brackets with the lift tool, and pin them.',
            'why' => 'A bracket springs back hard without its pin.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'bars_off' => [
        'open' => [
            'does' => 'Open the brackets with the lift tool, one side after the other, and let the chains down.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'swing_off' => ['does' => 'Swing the bars off their cams and out of the head.'],
    ],
    'change' => [
        'move' => [
            'does' => 'Move both chains to the new link, counted from the same end, untwisted.',
            'why' => 'A twisted chain is a link short.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'centre' => [
            'does' => 'Drive a few lengths straight ahead and look: each cam sits under the crown of its bar. Move the bracket of the cam if it does not.',
            'why' => 'Another link or another tilt moves the crown along the bar.',
            'caution' => 'Grease cams sparingly or not at all. Noise in tight turns is normal: it is no reason to grease them.',
        ],
    ],
    'grease' => 'Ball, head sockets. Cams: sparingly or not at all, as their data sheet says.',
    'wear' => "Cams and the bars' crown, chains, clips, coupler pin.",
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'One link',
        'specification.hitch.fields.steps.label' => 'Links of the chain',
        'specification.hitch.fields.start_step.label' => 'Link to start with',
    ],
    'suits' => [
        'reversing' => 'Nothing comes off before reversing.',
        'tailgate' => 'Nothing stands up on the head.',
        'obstructions' => 'Needs room for a chain bracket and a cam on each side.',
        'quiet' => 'Noisy in tight turns; that is normal.',
        'sway_control' => 'Cams bring the trailer back into line.',
    ],
];
