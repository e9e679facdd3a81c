<?php

declare(strict_types=1);

// The stations: what is done there in order, and the caution at the hand. A family's own file may say it for its parts.
return [
    'steps' => 'Steps',
    'of' => ':number of :many',
    'brief' => [
        'title' => 'Brief',
        'picture' => 'The rig loaded as it travels',
        'steps' => [
            'Load the rig as it travels: people, fuel, water, gas bottles, battery, bed cargo.',
            'Copy the ratings from the placards of vehicle, trailer and hitch.',
            'Read what the makers of vehicle, coupler and frame say about weight distribution: it comes before any habit.',
            'Say what is over a rating before you measure anything.',
        ],
        'caution' => "Distribution raises no rating. The makers' data sheets and local law come first.",
    ],
    'ground' => [
        'title' => 'Ground',
        'picture' => 'Level ground, and a level between the wheels',
        'steps' => [
            'Stand the rig in line on firm, level ground.',
            'Bring the tyres to pressure.',
            "Set self-levelling to its normal height, then switch it off. Let helper air springs down to their maker's minimum.",
        ],
        'caution' => "Chock the wheels. Driver's brake on while the jack lifts the vehicle's rear.",
    ],
    'alone' => [
        'title' => 'Alone',
        'picture' => 'The tape from the ground to the wheel arch, plumb over the axle',
        'steps' => [
            'Uncouple the vehicle on the flat spot where you will measure all three stances, with the same people in the same seats.',
            'Roll forward and back to settle the springs.',
            'Tape from the ground to the wheel arch, plumb over each axle.',
        ],
        'caution' => 'Never go under a rig that is held by the tongue jack.',
    ],
    'head' => [
        'title' => 'Head',
        'picture' => 'Ball height and coupler height, each from the ground',
        'steps' => [
            "Check that the ball is the coupler's size and rated for the gross trailer weight.",
            'Choose the shank hole. Check the clearance to tailgate and underside.',
            'Start with more tension from the head for a tongue weight near the top of its range, less near the bottom.',
        ],
        'caution' => "Torque to the hitch's data sheet, with a wrench: over-tight is as bad as loose.",
    ],
    'brackets' => [
        'title' => 'Brackets',
        'picture' => 'The bracket square to the frame, at its distance from the ball',
        'steps' => [
            "Set the brackets at the data sheet's distance from the ball centre, the same on both sides.",
            "Move them within the data sheet's range to clear a gas-bottle tray or the jack.",
            'Bars straight out behind the head before a length is taken; a pair is alike by its marks.',
            'Put the set bolt in the hole nearest the frame: turn it until it touches, then an eighth to a quarter turn more, or what its data sheet says.',
        ],
        'caution' => "Torque to the hitch's data sheet, with a wrench.",
    ],
    'dropped' => [
        'title' => 'Dropped',
        'picture' => 'The coupler down on the ball, the jack raised all the way',
        'steps' => [
            'Couple, latch and pin. Raise the jack all the way, with nothing tensioned.',
            'Roll forward and back to settle the springs.',
            'Tape both fenders again: the front rises, the rear drops.',
        ],
        'caution' => 'Chock before uncoupling. Is the coupler all the way down on the ball, and the jack off the ground?',
    ],
    'bars-up' => [
        'title' => 'Bars up',
        'picture' => 'The place in use counted, the same on both sides',
        'steps' => [
            'Jack vehicle and trailer up together until the bars go on almost by hand, at the same setting on both sides.',
            'Raise the jack clear of the ground, roll forward and back, and tape both fenders.',
            'The bars must show a bend. Change one thing, then tape again.',
        ],
        'caution' => 'Fingers clear: tensioned bars store a lot of energy. Use the lift tool, and jack higher if it is hard.',
    ],
    'prove' => [
        'title' => 'Prove',
        'picture' => 'Every axle on its scale',
        'steps' => [
            'Vehicle: not front-low. Trailer: level or slightly nose-down, never nose-up.',
            'Clearance to the ground, and everything within its range.',
            'A weighbridge decides where there is one.',
        ],
        'caution' => 'Front axle never above its alone load, and nothing past a rating.',
    ],
    'sway-control' => [
        'title' => 'Sway control',
        'picture' => 'The trailer swinging to either side',
        'steps' => [
            'Check the sway control, part by part.',
            'Find what invites sway: tongue, nose, front axle, tyres, load.',
        ],
        'caution' => 'A separate friction bar comes off or slack before reversing and on slippery roads, as its data sheet says.',
    ],
    'hook-up-checks' => [
        'title' => 'Hook-up checks',
        'picture' => 'Safety chains crossed under the coupler, the breakaway cable to the vehicle',
        'steps' => [
            'Safety chains crossed and of the right length; coupler pin in.',
            'Seven-pin plug, lights, brakes; jack foot up, chocks out.',
            'Steps and doors shut, everything inside secured.',
        ],
        'caution' => 'Breakaway cable to the vehicle itself, never to the safety chains.',
    ],
    'road-test' => [
        'title' => 'Road test',
        'picture' => 'The wheel in hand, then the wrench again',
        'steps' => [
            'Drive short and slow first, then the road it will travel.',
            'Write down what you felt: wind, passing lorries, light steering, porpoising, sway.',
            "Torque again after the first run, at the data sheet's distance.",
        ],
        'caution' => 'If it sways: ease off the throttle, hold the wheel steady, use the trailer brakes alone if there is a lever. No hard braking, no steering against it.',
    ],
    'hand-over' => [
        'title' => 'Hand over',
        'picture' => 'The card, and the marked place',
        'steps' => [
            'Mark the setting that is used, on both sides.',
            'Hand over the settings, the heights in three stances, and what to check again when.',
            'Show the customer how to hook up and unhitch, and what to do if it sways.',
        ],
        'caution' => 'The figures are an aid to measuring, not a certificate. If in doubt, a licensed workshop.',
    ],
];
