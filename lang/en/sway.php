<?php

declare(strict_types=1);

return [
    'cams' => [
        'title' => 'Cams under the crown',
        'lead' => 'Rig straight, carried, rolled a few lengths ahead. Measure both from the ball centre, on one side, then on the other.',
        'centred' => 'centred',
        'forward' => ':by too far forward',
        'back' => ':by too far back',
        'move_forward' => 'Move both cam brackets :by away from the ball, the same on both sides.',
        'move_back' => 'Move both cam brackets :by towards the ball, the same on both sides.',
        'noise' => 'Noise in tight turns is normal. Grease cams sparingly or not at all, as the data sheet says.',
        'together' => 'After a change of washers or of the head, centre the cams again: the crown moves with the bar.',
        'picture_centred' => 'The cam under the crown of the bar',
        'picture_forward' => 'The cam forward of the crown of the bar',
        'picture_back' => 'The cam behind the crown of the bar',
        'save' => 'Save lengths',
    ],
    'felt' => ['what' => 'Sway was felt on the road', 'why' => 'On the road test of :day, at this setting.', 'remedy' => 'Find the cause among what follows before it is towed again.'],
    'too_little_on_the_tongue' => ['what' => 'Too little on the tongue', 'why' => ':figure % of the gross trailer weight is on it; 10 % is the least.', 'remedy' => 'Move load ahead of the axles, or off the tail; the load planner says how much.'],
    'nose_up' => ['what' => 'Trailer nose-up', 'why' => 'It stands :figure° nose-up.', 'remedy' => 'Lower the head a hole, and set the tension again.'],
    'front_light' => ['what' => 'Front axle light', 'why' => 'Front axle load restored: :figure %; the range begins at :from %.', 'remedy' => 'More tension: the next move says how much.'],
    'slack_bars' => ['what' => 'Sway control slack with its bars', 'why' => 'The bars bend :length ± :doubt; this sway control lives on their load.', 'remedy' => 'More tension, within the range.'],
    'control_outside' => ['what' => 'Sway control outside its own range', 'why' => 'Front axle load restored: :figure %; its data sheet asks for :own_from to :own_to %.', 'remedy' => 'Set the tension where both ranges agree. Where they do not, ask the maker of the control; the ratings and the front axle come first.'],
    'cams_too_far_forward' => ['what' => 'Cams off the bars\' crown', 'why' => 'They stand :length too far forward.', 'remedy' => 'Move both cam brackets :length away from the ball, the rig straight and carried.'],
    'cams_too_far_back' => ['what' => 'Cams off the bars\' crown', 'why' => 'They stand :length too far back.', 'remedy' => 'Move both cam brackets :length towards the ball, the rig straight and carried.'],
    'found_otherwise' => ['what' => 'Not so', 'why' => ':checks: found otherwise at the look.', 'remedy' => ':remedy'],
    'not_looked_at' => ['what' => 'Not looked at yet', 'why' => ':checks.', 'remedy' => 'Look at each, and answer.'],
    'worse' => [
        'less_on_the_tongue' => 'Less on the tongue: :now % of gross, :before % before.',
        'nose_higher' => 'The nose is higher by :by°.',
        'front_lighter' => 'The front axle is lighter: :now % restored, :before % before.',
        'less_friction' => 'The bars rub less, by :by %.',
    ],
    'separate' => 'Chains and bars are no sway control of their own: they carry load, they hold nothing straight. This hitch needs a separate friction bar or control, as the data sheet says.',
    'threads' => 'Left :left, right :right: turn the :slack side up by :by, or the other back, and count again.',
    'checks' => [
        'tyres' => [
            'says' => 'Tyres of vehicle and trailer at their pressures, sidewalls sound',
            'remedy' => 'Bring them to pressure when cold. A soft tyre lets the tail wander.',
        ],
        'tail' => [
            'says' => "Nothing heavy on the trailer's tail",
            'remedy' => 'Move it to the axles. Weight at both ends swings longest, however much there is on the tongue.',
        ],
    ],
    'on_the_road' => [
        'Ease off the throttle. No hard braking.',
        'Hold the wheel steady. Do not steer against it, and do not speed up to pull it straight.',
        "Where there is a manual lever, use the trailer's brakes alone, gently.",
        'Stop where it is safe, and find the cause before you drive on: tongue, nose, front axle, tyres, speed, sway control, load.',
    ],
];
