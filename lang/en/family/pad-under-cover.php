<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'pad under cover',
    'steps' => [
        'hole' => ['one' => 'height hole', 'many' => 'height holes'],
        'tooth' => ['one' => 'tooth', 'many' => 'teeth'],
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'friction pads',
    'sway_checks' => [
        'pads' => [
            'says' => "Pads flat, clean and thicker than the data sheet's minimum",
            'remedy' => 'Clean or replace them in pairs.',
        ],
        'covers' => [
            'says' => 'Covers on, the same height hole on both sides',
            'remedy' => 'Count the holes on both sides; a missing cover lets dirt in.',
        ],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            "Set the brackets at the data sheet's distance from the ball centre, the same on both sides.",
            "Move them within the data sheet's range to clear a gas-bottle tray or the jack.",
            'Bars lie flat on their pads, as parallel to the frame as possible.',
        ]],
        'bars-up' => ['caution' => 'Fingers clear of bars and pads: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'bars_on' => [
        'swing_in' => [
            'does' => 'Swing the bars in over their pads at the marked height hole.',
            'caution' => 'Fingers clear of bars and pads: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'covers' => ['does' => 'Close both covers.', 'why' => 'A missing cover lets dirt onto the pads.'],
    ],
    'bars_off' => [
        'swing_off' => [
            'does' => 'Open the covers and swing the bars off their pads.',
            'caution' => 'Fingers clear of bars and pads: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'change' => [
        'move' => [
            'does' => 'Move both pads to the new height hole, the same on both sides.',
            'caution' => 'Fingers clear of the pad: hold it by its bracket.',
        ],
    ],
    'grease' => 'Ball. No grease on pads or bars.',
    'wear' => 'Pads under their covers, covers, pins, clips, coupler pin.',
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'Between height holes',
        'specification.hitch.fields.steps.label' => 'Height holes',
        'specification.hitch.fields.start_step.label' => 'Height hole to start with',
        'specification.hitch.fields.tilt_deg.label' => 'One tooth, degrees',
        'specification.hitch.fields.tilt_steps.label' => 'Teeth',
        'specification.hitch.fields.start_washers_low.label' => 'Teeth to start with, lowest tongue weight',
        'specification.hitch.fields.start_washers_high.label' => 'Teeth to start with, highest tongue weight',
        'specification.hitch.fields.friction.label' => 'Friction of bar on pad',
    ],
    'suits' => [
        'reversing' => 'Nothing comes off before reversing.',
        'tailgate' => 'Nothing stands up on the head.',
        'obstructions' => 'One covered bracket on each side, at one distance from the ball.',
        'quiet' => 'Pads under covers: quiet, until they are worn.',
        'sway_control' => 'Friction pads resist sway; they wear.',
    ],
];
