<?php

declare(strict_types=1);

return [
    'sway_grew' => ['what' => 'Sway that does not settle', 'why' => 'It is not towed further so. Too little on the tongue is the first to look at, then nose-up and a light front.'],
    'sway_control_slack' => ['what' => 'Sway control slack or worn', 'why' => 'Faces, cams and pads, and the bars\' tension that feeds them.'],
    'sway_settled_slowly' => ['what' => 'Sway that settles slowly', 'why' => 'Tongue share, nose and front axle, in this order; then the sway control itself.'],
    'too_little_on_the_tongue' => ['what' => 'Too little on the tongue', 'why' => 'Weigh it: below 10 % of gross a trailer swings long.'],
    'sway_in_wind' => ['what' => 'Sway that settled at once', 'why' => 'In strong wind that is what sway control is for; look at it all the same.'],
    'sway_in_calm_air' => ['what' => 'Sway that settled at once', 'why' => 'Look at the sway control: in calm air there is a cause.'],
    'front_light' => ['what' => 'Front axle light', 'why' => 'The bars restore too little: measure carried again, and take the next move.'],
    'front_heavy' => ['what' => 'Front axle heavy', 'why' => 'The bars may restore more than the front lost: never above its load alone.'],
    'porpoising' => ['what' => 'Porpoising', 'why' => 'Much on the tongue, soft rear springs or dampers, or bars too soft for it: look at bar bend and ratings.'],
    'porpoising_on_a_smooth_road' => ['what' => 'A little porpoising', 'why' => 'On a smooth road it wants a look: dampers, tyres, bar bend.'],
    'porpoising_on_a_rough_road' => ['what' => 'A little porpoising', 'why' => 'On such a road it is usual; dampers and tyres are worth a look.'],
    'lorries_push' => ['what' => 'Lorries push the rig about', 'why' => 'Nose-up, a light front or a slack sway control; soft tyre walls do it, too.'],
    'feel' => [
        'road' => ['asks' => 'Road', 'answers' => ['smooth' => 'Smooth', 'rough' => 'Rough', 'ruts' => 'Ruts']],
        'wind' => ['asks' => 'Wind', 'answers' => ['calm' => 'Calm', 'light' => 'Light', 'strong' => 'Strong, gusts']],
        'lorries' => ['asks' => 'Passing lorries', 'answers' => ['none' => 'Met none', 'felt' => 'Felt, no more', 'pushed' => 'Pushed the rig about']],
        'steering' => ['asks' => 'Steering', 'answers' => ['same' => 'As alone', 'light' => 'Lighter', 'heavy' => 'Heavier']],
        'porpoising' => ['asks' => 'Porpoising', 'answers' => ['none' => 'None', 'some' => 'Once or twice', 'much' => 'Did not stop']],
        'sway' => ['asks' => 'Sway', 'answers' => ['none' => 'None', 'once' => 'Settled at once', 'few' => 'Settled after a few swings', 'grew' => 'Did not settle, or grew']],
    ],
];
