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
            'Jack away. Grease the screw, then turn it until the gauge shows its target.',
            'Roll forward and back, and tape both fenders.',
            'The bars must show a bend. Change one thing, then tape again.',
        ], 'caution' => 'Fingers clear of bars and brackets: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'bars_on' => [
        'swing_on' => [
            'does' => 'Swing the bars on to their brackets, the screw backed off.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'turn_up' => [
            'does' => 'Turn the screw up until the gauge shows its target.',
            'why' => 'The gauge reads ball load with the bars on. Grease the screw first.',
            'caution' => "Never past the bars' rating, whatever the gauge is turned to. Fingers clear of the bars.",
        ],
    ],
    'bars_off' => [
        'turn_back' => [
            'does' => 'Turn the screw back until the gauge shows the bars are slack.',
            'caution' => 'Never swing a loaded bar off.',
        ],
        'swing_off' => [
            'does' => 'Swing the bars off their brackets.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'grease' => 'Ball, the screw before it is turned. No grease on bar or bracket.',
    'wear' => 'Bars and brackets where they rub, screw and gauge, pins, clips, coupler pin.',
    'quirks' => [
        'The gauge reads tongue weight with bars off and ball load with bars on.',
        'Grease the screw before turning it.',
    ],
];
