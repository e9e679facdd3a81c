<?php

declare(strict_types=1);

// Before a hitch is bought: whether the rig needs one, which bars, which family.
return [
    'expected_a_vehicle' => 'Expected a vehicle from the list.',
    'expected_a_trailer' => 'Expected a trailer from the list.',
    'expected_a_hitch' => 'Expected a hitch from the list.',
    'expected_a_count' => 'Expected a whole number from 0 to :most.',
    'expected_a_fill' => 'Expected how full the tank is, from 0 to :most %.',
    'lifts_off' => "With one of these loads the tongue lifts off the ball. Move load ahead of the trailer's axles.",
    'none' => 'None',
    'range' => ':from to :to',
    'offer' => ':family, :rating bars',
    'want' => [
        'reversing' => 'It is reversed often',
        'tailgate' => 'A tailgate swings down over the hitch',
        'obstructions' => 'Bottles, a tray or a jack are in the way on the frame',
        'fine_steps' => 'Fine steps: self-levelling, or a load that changes often',
        'quiet' => 'It should be quiet in tight turns',
        'sway_control' => 'It has to control sway',
    ],
    'year' => [
        'tongue' => 'Tongue weight, level (± :doubt %)',
        'share' => 'Share of gross on the tongue',
        'front' => 'Taken off the front axle',
        'rear' => 'More on the rear axle',
    ],
    'sway' => [
        'too_little' => ':chance likely that less than 10 % of gross is on the tongue in one of these load states. Then the trailer invites sway, whatever the hitch: move load ahead of its axles.',
        'enough' => 'There is enough on the tongue in both load states.',
    ],
    'bars' => [
        'fits' => 'They hold the tongue weight all year.',
        'too_light' => ':chance likely that the heaviest tongue weight is above their range.',
        'too_heavy' => ':chance likely that the lightest tongue weight is below their range: stiffer than this rig needs.',
        'bent_past_rating' => ':chance likely that they must be bent past their rating to restore enough.',
        'coarse_steps' => 'The finest step moves :step of the front axle load: it easily misses the range.',
    ],
    'fine_steps' => 'The finest step restores :step more and takes about :minutes min.',
    'families' => [
        'little_reach' => 'Restores :most at the most: not enough for the target range.',
        'coarse_steps' => 'The finest step moves :step of the front axle load: it easily misses the range.',
    ],
    'line' => [
        'reach_all' => 'From :from to more than all: the target range is in reach.',
        'reach_to' => 'From :from to :to.',
        'step' => 'Front axle :front, rear :rear, trailer :trailer.',
        'no_rating' => 'Their rating is not on the specification.',
        'no_bars' => 'It has no bars.',
        'held' => ':chance likely that they hold the tongue weight all year.',
        'first' => ':setting: :chance likely to be in range.',
        'taped' => ':chance once its four heights are taped.',
        'year' => ':light restored with the lightest load, :heavy with the heaviest.',
        'hook_ups' => 'About :mean, and :most or fewer with 90 % chance; :minutes min for them.',
        'clearance_unknown' => 'Not known until frame and bars are measured.',
    ],
];
