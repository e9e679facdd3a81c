<?php

declare(strict_types=1);

// What an owner is answered for today's load.
return [
    'full' => ':percent % full',
    'as_set_up' => 'as at the set-up',
    'more' => ':count more',
    'each' => ':weight each',
    'fewer' => ':count fewer',
    'outcome' => [
        'stays' => 'Stay at :setting.',
        'moves' => 'Change to :setting, the same on both sides.',
        'beyond' => 'Do not tow with this load: no small step brings it into range. Change the load, or ask the shop.',
        'over_rating' => 'Do not tow with this load: something is over its rating. Take load off, or move it.',
        'lifts_off' => 'Do not tow with this load: the tongue lifts off the ball. Move load to the front of the trailer.',
        'no_bars' => 'There is nothing to set on this hitch.',
    ],
    'restored' => 'Front axle load restored: about :share, :chance likely to be in range.',
    'nothing_over' => 'Nothing is over a rating that the shop knows.',
    'unload' => 'Do not tow like this: take load off, or move it.',
    'tongue' => ':share % of the trailer\'s weight is on the tongue.',
    'heights' => [
        'fits' => 'Both heights fit this load.',
        'too_little' => 'The front stands too high: too little is restored. Check the count on both sides, and whether the load is as chosen above.',
        'too_much' => 'The front stands too low: too much is restored. Check the count on both sides, and whether the load is as chosen above. Do not tow with the front lower than the card says.',
        'more_weight' => 'The rear stands too low: there is more weight on it than chosen above. Check the load.',
        'less_weight' => 'The rear stands too high: there is less weight on it than chosen above. Check the load.',
        'otherwise' => 'Both stand too high. Check tyres and ground, roll forward and back, and measure again.',
    ],
    'off_the_grid' => 'The shop worked out loads from :least to :most here. Ask the shop before you tow more, or less.',
];
