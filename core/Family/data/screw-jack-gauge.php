<?php

declare(strict_types=1);

return [
    'name' => 'screw jack head with load gauge',
    'steps' => ['turn' => ['turn', 'turns'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 6.0, 'steps' => 24],
    'sway' => 'a friction bracket',
    'control' => 'bracket',
    'sway_checks' => [
        ['faces', 'Friction faces of the bracket clean and dry', 'Wipe them with a dry cloth; no grease but on the screw.'],
        ['gauge', 'The gauge stands at its target, bars on', 'Grease the screw, then turn it until the gauge shows the target.'],
        ['level_bars', 'Both bars bear alike on their brackets', 'Look from behind: equal bend on both sides.'],
    ],
    'bars_on' => [
        ['Swing the bars on to their brackets, the screw backed off.', '', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
        ['Turn the screw up until the gauge shows its target.', 'The gauge reads ball load with the bars on. Grease the screw first.', 'Never past the bars\' rating, whatever the gauge is turned to. Fingers clear of the bars.'],
    ],
    'bars_off' => [
        ['Turn the screw back until the gauge shows the bars are slack.', '', 'Never swing a loaded bar off.'],
        ['Swing the bars off their brackets.', '', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'grease' => 'Ball, the screw before it is turned. No grease on bar or bracket.',
    'wear' => 'Bars and brackets where they rub, screw and gauge, pins, clips, coupler pin.',
    'quirks' => [
        'The gauge reads tongue weight with bars off and ball load with bars on.',
        'Grease the screw before turning it.',
    ],
];
