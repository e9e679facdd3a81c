<?php

declare(strict_types=1);

return [
    'heading' => 'By eye',
    'how' => 'One tap each, as it looks from beside the rig. It counts, with a wide doubt. Tap again to undo.',
    'bars_seen' => 'Bars',
    'trailer_seen' => 'Trailer, by a bubble or by eye',
    'rear_seen' => 'Vehicle\'s rear',
    'headlights_seen' => 'Headlights on a wall, against alone',
    'seen' => [
        'straight' => 'Straight',
        'slightly_bent' => 'Slightly bent',
        'well_bent' => 'Well bent',
        'nose_well_down' => 'Nose well down',
        'nose_down' => 'A little nose-down',
        'level' => 'Level',
        'nose_up' => 'A little nose-up',
        'nose_well_up' => 'Nose well up',
        'as_alone' => 'As alone',
        'sags' => 'Visibly lower',
        'sags_far' => 'Far lower',
        'beam_lower' => 'Lower',
        'beam_same' => 'Back at their mark',
        'beam_higher' => 'Higher',
    ],
    'contradicted' => ':Seen: all other readings say otherwise (:expected). Look once more; both are kept.',
    'expected' => ['bend' => 'bars bent by about :length', 'level' => 'trailer about level', 'nose_up' => 'trailer about :degrees° nose-up', 'nose_down' => 'trailer about :degrees° nose-down', 'pitch' => 'rear about :length lower than alone'],
    'frame' => ['one' => 'Waits for the height at the other end.', 'up' => 'The front end is :length higher: nose-up.', 'down' => 'The front end is :length lower: nose-down.', 'level' => 'Both ends stand alike: level.'],
];
