<?php

declare(strict_types=1);

return [
    'others' => 'Other readings and sensors',
    'from_alone' => 'From alone, to the nearest :step',
    'worth_more' => 'Counts for more once the :part has: :field.',
    'check' => 'Check :which (:chance to be wrong). All other readings say about :expected; it says :read. :error',
    'check_count' => 'Count the setting of hook-up :hook_up again, on both sides: :chance that it has a step more or fewer than was recorded.',
    'check_told' => 'Check the tongue weight: :chance that it is not what was told of it.',
    'told_tongue_weight' => 'the tongue weight, as it was told',
    'counted' => 'the setting of hook-up :hook_up, as it was counted',
    'height' => ':the :axle fender, :stance',
    'load' => ':the :axle on the weighbridge, :stance',
    'stance' => ['alone' => 'alone', 'dropped' => 'dropped', 'carried' => 'carried (hook-up :hook_up)'],
    'observed' => [
        'FrontHeight' => 'the front fender', 'RearHeight' => 'the rear fender', 'CouplerRise' => 'the coupler height', 'NoseRise' => 'the trailer\'s angle', 'VehicleRise' => 'the vehicle\'s angle', 'BallLoad' => 'the gauge in the head',
        'FrontLoad' => 'the front axle on the weighbridge', 'RearLoad' => 'the rear axle on the weighbridge', 'TrailerLoad' => 'the trailer axles on the weighbridge',
        'VehicleLoad' => 'the vehicle on the weighbridge', 'RearAndTrailerLoad' => 'rear and trailer axles on the weighbridge', 'TongueWeight' => 'the tongue weight', 'BarBend' => 'the bar gap',
        'BendSeen' => 'the bars, by eye', 'NoseSeen' => 'the trailer, by eye', 'PitchSeen' => 'the vehicle\'s rear, by eye',
    ],
    'error' => [
        'eighth_inch' => 'Perhaps an eighth of an inch was misread.',
        'quarter_inch' => 'Perhaps a quarter inch was misread.',
        'ten_millimetres' => 'Perhaps ten millimetres were misread.',
        'half_inch' => 'Perhaps half an inch was misread.',
        'whole_inch' => 'Perhaps a whole inch was misread.',
        'unsettled' => 'Perhaps the springs had not settled, or the jack was still down.',
        'digits_swapped' => 'Perhaps two digits were swapped.',
        'axles_swapped' => 'Perhaps two axles were swapped.',
        'hundred_off' => 'Perhaps it is off by 100.',
        'thousand_off' => 'Perhaps it is off by 1,000.',
        'other_unit' => 'Perhaps pounds and kilograms were mixed up.',
        'load' => 'Look at the ticket again, and at who and what was aboard.',
        'aboard' => 'Perhaps somebody sat in the cab, or the wheels stood on other ground.',
        'one_step' => 'Perhaps it was miscounted by one.',
        'told_wrong' => 'Perhaps it was measured with another load.',
    ],
    'slip' => [
        'eighth_inch' => 'an eighth of an inch', 'quarter_inch' => 'a quarter inch', 'ten_millimetres' => 'ten millimetres', 'half_inch' => 'half an inch', 'whole_inch' => 'a whole inch',
        'unsettled' => 'not settled, or the jack still down', 'digits_swapped' => 'digits swapped', 'axles_swapped' => 'axles swapped', 'hundred_off' => '100 off', 'thousand_off' => '1000 off', 'other_unit' => 'pounds for kilograms', 'load' => 'a wrong load',
        'aboard' => 'somebody in the cab, or other ground', 'one_step' => 'one link', 'told_wrong' => 'told wrong',
        'high' => ' too high', 'low' => ' too low',
    ],
];
