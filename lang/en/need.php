<?php

declare(strict_types=1);

// Whether a rig on a plain ball needs weight distribution.
return [
    'title' => 'Does this rig need weight distribution?',
    'answer' => [
        'forbidden' => 'No: the maker of the vehicle forbids it. Stay within the ratings, or tow a lighter trailer.',
        'required' => 'Yes: the maker of the vehicle requires it for this trailer.',
        'rating_ends' => 'Yes, or a lighter tongue: on a plain ball something is over its rating.',
        'front_light' => 'It would help: coupling takes more than a tenth of its load off the front axle.',
        'front_not_weighed' => 'Not sure yet: weigh the front axle alone, and it is known how much of its load is lost.',
        'not_needed' => 'Nothing here asks for it.',
    ],
    'front' => 'Coupling takes about :load off the front axle, and puts :rear more on the rear.',
    'front_share' => 'That is :share of what the front axle carries alone.',
    'ends' => 'Over on a plain ball: :what, :carries of :may.',
    'raises_none' => 'Distribution raises no rating: what is over with bars on stays over. Bars move load forward and back, and a receiver is often rated higher with them.',
    'which' => 'Which hitch would suit',
    'on_the_card' => 'Plain ball: no weight distribution',
];
