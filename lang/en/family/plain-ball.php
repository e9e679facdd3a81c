<?php

declare(strict_types=1);

// A ball and nothing else.
return [
    'name' => 'plain ball, no weight distribution',
    'steps' => [
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'none, or a separate friction bar',
    'sway_checks' => [
        'friction_bar' => [
            'says' => 'The separate friction bar, where there is one, is on, clean and at the tension of its data sheet',
            'remedy' => 'Clean its faces, set its handle as the data sheet says. Slacken it or take it off before reversing and on slippery roads, as the data sheet says.',
        ],
    ],
    'stations' => [
        'head' => ['steps' => [
            "Check that the ball is the coupler's size and rated for the gross trailer weight.",
            'Choose a ball height at which the trailer stands level when coupled. Check the clearance to tailgate and underside.',
        ]],
        'dropped' => ['steps' => [
            'Couple, latch and pin. Raise the jack all the way.',
            'Roll forward and back to settle the springs.',
            'Tape both fenders again: the front rises, the rear drops.',
        ]],
        'bars-up' => ['caution' => 'Never past a rating: on a plain ball the rear axle and the receiver carry the whole tongue weight.'],
        'prove' => ['steps' => [
            'Vehicle: rear axle, tyres and receiver within their ratings. Trailer: level or slightly nose-down, never nose-up.',
            'A weighbridge decides where there is one.',
        ], 'caution' => 'Nothing past a rating. A light front axle steers and brakes less.'],
    ],
    'grease' => 'Ball.',
    'wear' => 'Ball, coupler, coupler pin, safety chains; the faces of a separate friction bar.',
    // Whole texts that it says otherwise.
    'instead' => [
        'page/loads.columns.the_planner_needs_a_hitch' => 'On a plain ball there is no setting to plan: tongue share, axles and ratings follow the load.',
        'verdict.heading' => 'Weight distribution',
    ],
];
