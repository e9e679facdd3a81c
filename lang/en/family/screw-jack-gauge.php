<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'screw jack head with load gauge',
    'steps' => [
        'turn' => ['one' => 'turn', 'many' => 'turns'],
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'a friction bracket',
    'sway_checks' => [
        'faces' => [
            'says' => 'Friction faces of the bracket clean and dry',
            'remedy' => 'Wipe them with a dry cloth; no grease but on the screw.',
        ],
        'gauge' => [
            'says' => 'The gauge shows its target with the bars on',
            'remedy' => 'Grease the screw, then turn it until the gauge shows the target.',
        ],
        'level_bars' => [
            'says' => 'Both bars bear alike on their brackets',
            'remedy' => 'Look from behind: equal bend on both sides.',
        ],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            "Set the brackets at the data sheet's distance from the ball centre, the same on both sides.",
            "Move them within the data sheet's range to clear a gas-bottle tray or the jack.",
            'Bars lie flat on their brackets, as parallel to the frame as possible.',
        ]],
        'bars-up' => ['steps' => [
            'Grease the screw. Raise the jack clear of the ground. Then turn the screw and watch the gauge, until it shows the target.',
            'Roll forward and back, and tape both fenders.',
            'The bars must show a bend. Change one thing, then tape again.',
        ], 'caution' => 'Grease before the screw is turned. Fingers clear of bars and brackets: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'bars_on' => [
        'back_off' => [
            'does' => 'Turn the screw back until the bars hang free.',
            'why' => 'Slack bars go on by hand: the jack need not lift the rig.',
            'caution' => 'Grease before the screw is turned.',
        ],
        'swing_on' => [
            'does' => 'Put the bars in the head and swing them on to their brackets.',
            'caution' => 'Fingers clear of bars and brackets: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'tension' => [
        'grease' => [
            'does' => 'Grease the screw.',
            'why' => 'A dry screw wears, and turns hard under load.',
            'caution' => 'Grease before the screw is turned, every time.',
        ],
        'turn_up' => [
            'does' => 'Turn the screw and watch the gauge, until it shows the target.',
            'why' => 'The jack is away, so the gauge shows the whole load between ball and coupler.',
            'caution' => 'Never past the rating of the bars, whatever the gauge is turned to. Fingers clear of the bars.',
        ],
    ],
    'slacken' => [
        'turn_back' => [
            'does' => 'Grease the screw, and turn it back until the gauge shows the tongue weight: the bars are slack.',
            'caution' => 'Never swing a loaded bar off.',
        ],
    ],
    'bars_off' => [
        'swing_off' => [
            'does' => 'Swing the bars off their brackets and out of the head.',
            'caution' => 'Fingers clear of bars and brackets: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'change' => [
        'turn' => [
            'does' => 'Turn the screw and watch the gauge, until it shows the target.',
            'why' => 'No new hook-up is needed: it takes about a minute.',
            'caution' => 'Never past the rating of the bars, whatever the gauge is turned to. Fingers clear of the bars.',
        ],
    ],
    'grease' => 'Ball, the screw before it is turned. No grease on bar or bracket.',
    'wear' => 'Bars and brackets where they rub, screw and gauge, pins, clips, coupler pin.',
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'One turn of the screw',
        'specification.hitch.fields.steps.label' => 'Turns of the screw',
        'specification.hitch.fields.start_step.label' => 'Turn to start with',
        'specification.hitch.fields.friction.label' => 'Friction of bar on bracket',
    ],
    'suits' => [
        'reversing' => 'Nothing comes off before reversing.',
        'tailgate' => 'The screw stands up on the head: check that the open tailgate clears it.',
        'obstructions' => 'A friction bracket on each side, at one distance from the ball.',
        'quiet' => 'The bars rub on their brackets and can be heard in tight turns.',
        'sway_control' => 'Friction of the bars on their brackets resists sway.',
    ],
];
