<?php

declare(strict_types=1);

return [
    'as_weighed' => 'As weighed',
    'lifter' => ['levelling' => 'Self-levelling', 'air' => 'Helper air springs'],
    'when_over' => ['levelling' => 'When self-levelling takes over', 'air' => 'When helper air springs take over'],
    'nothing_yet' => 'Nothing is hooked up and measured yet. The small move shows after the first hook-up.',
    'beyond_small_steps' => 'No small step brings this load into range: set it up again, with washers and head.',
    'tank_at' => ':tank :percent %',
    'tank_change' => ':tank :percent %',
    'tank_effect' => ':tanks: the tongue weight changed by :measured ± :doubt, computed :computed.',
    'apart' => 'Stands apart from all the others: kept, and the curve goes without it. Read it again.',
    'at_odds' => ':one and :other were read at one height by one instrument: they differ by more than it does when it reads again. Read once more and delete the one that is off.',
    'meets' => [
        'heading' => 'Where the curve meets',
        'least' => '10 % of gross',
        'most' => '15 % of gross',
        'at' => ':what (:load): coupler at :height :doubt',
        'mark' => ':what (:load)',
        'nowhere' => 'at no height that a coupler stands at: :marks',
    ],
    'tank_agrees' => 'They agree.',
    'tank_differs' => 'They differ: check sizes and places of the tanks on the specification.',
    'tank_elsewhere' => 'They differ: by this measurement the tank stands :ahead ahead of the axles (behind is below 0). Check its size and place on the specification.',
    'tank' => ['fresh' => 'fresh tank', 'waste' => 'waste tank'],
    'usual' => [
        'person_in_front' => 'person in front',
        'person_behind' => 'person behind',
        'bed_cargo' => 'bed or boot cargo',
        'bikes_on_vehicle' => "bikes on the vehicle's tail",
        'gas_bottles' => 'gas bottles',
        'bikes_on_tongue' => 'bikes on the tongue',
        'stores' => 'stores over the axles',
        'bikes_on_trailer' => "bikes on the trailer's tail",
    ],
    'share' => [
        'too_little' => 'Below 10 % of gross a trailer invites sway: move load ahead of the axles, or off the tail.',
        'usual' => 'Between 10 and 15 % of gross, as usual.',
        'much' => 'Above 15 % of gross the receiver, the rear axle and the bars soon meet their ratings: move load back, towards the axles.',
    ],
    'on_the_road' => ':lifter lowers the restored share by about :lost once on for the road: aim for :from to :to before.',
    'fenders_mean_nothing' => 'Fender heights mean nothing once it is on; only scales do.',
];
