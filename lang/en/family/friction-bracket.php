<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'bar on friction bracket',
    'steps' => [
        'hole' => ['one' => 'bracket hole', 'many' => 'bracket holes'],
        'washer' => ['one' => 'washer', 'many' => 'washers'],
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'the friction of bar on bracket and in the head',
    'sway_checks' => [
        'flat' => [
            'says' => 'Both bars lie flat on their brackets',
            'remedy' => 'Square the brackets, the same distance on both sides; a bar on its edge grips little and wears.',
        ],
        'faces' => [
            'says' => 'Friction faces clean and dry, no grease',
            'remedy' => 'Wipe them with a dry cloth; take grease off with brake cleaner, if the data sheet allows it.',
        ],
        'wear' => [
            'says' => "Faces and bars not worn past the data sheet's limit",
            'remedy' => 'Replace worn parts in pairs.',
        ],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            "Set the brackets at the data sheet's distance from the ball centre, the same on both sides.",
            "Move them within the data sheet's range to clear a gas-bottle tray or the jack.",
            'Bars lie flat on their brackets, as parallel to the frame as possible, and reach past them by what the data sheet says.',
        ]],
        'bars-up' => ['caution' => 'Fingers clear of bars and brackets: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'bars_on' => [
        'swing_over' => [
            'does' => 'Put the bars in the head, lock hole up, and listen for the click. Swing each over its bracket at the marked hole.',
            'why' => 'A bar on its edge grips little and wears.',
            'caution' => 'Fingers clear of bars and brackets: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'keepers' => [
            'does' => 'Check that both bars lie flat, and put the keeper pins in.',
            'why' => 'Without its keeper a bar can jump off on a bump.',
        ],
    ],
    'bars_off' => [
        'lift_off' => [
            'does' => 'Take the keeper pins out and lift each bar off its bracket with the lift tool.',
            'caution' => 'Fingers clear of bars and brackets: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'take_out' => ['does' => 'Take the bars out of the head; keep their faces clean.'],
    ],
    'change' => [
        'move' => [
            'does' => 'Move both brackets to the new hole, the same on both sides, and pin them.',
            'why' => 'The ledge of the bracket must lie flat under the bar.',
            'caution' => 'Fingers clear of bars and brackets: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'grease' => 'Ball. No grease on bar or bracket: they hold by friction.',
    'wear' => 'Bars and brackets where they rub, pins, clips, coupler pin.',
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'Between bracket holes',
        'specification.hitch.fields.steps.label' => 'Bracket holes',
        'specification.hitch.fields.start_step.label' => 'Bracket hole to start with',
        'specification.hitch.fields.tilt_deg.label' => 'One washer, degrees',
        'specification.hitch.fields.tilt_steps.label' => 'Washers',
        'specification.hitch.fields.friction.label' => 'Friction of bar on bracket',
    ],
    'suits' => [
        'reversing' => 'Nothing comes off before reversing.',
        'tailgate' => 'Nothing stands up on the head.',
        'obstructions' => 'The bars must lie flat and parallel to the frame: a tray or a jack is easily in the way.',
        'quiet' => 'The bars rub on their brackets and can be heard in tight turns.',
        'sway_control' => 'Friction of the bars on their brackets resists sway.',
    ],
];
