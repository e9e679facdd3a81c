<?php

declare(strict_types=1);

// The stations: what is done there in order, and the caution at the hand.
return [
    'brief' => [
        'title' => 'Brief',
        'steps' => [
            'Load the rig as it travels: people, fuel, water, gas bottles, battery, bed cargo.',
            'Copy the ratings from the placards of vehicle, trailer and hitch.',
            "Read what the makers of vehicle, coupler and frame say about weight distribution: it governs the shop's habit.",
            'Say what is over a rating before any tape comes out.',
        ],
        'caution' => "Distribution raises no rating. The makers' sheets and local law come first.",
    ],
    'ground' => [
        'title' => 'Ground',
        'steps' => [
            'Stand the rig straight on firm, level ground.',
            'Bring the tyres to pressure.',
            "Set self-levelling to its normal height, then switch it off; let helper air springs down to their maker's minimum.",
        ],
        'caution' => "Chock the wheels. Driver's brake on while the jack lifts the vehicle's rear.",
    ],
    'alone' => [
        'title' => 'Alone',
        'steps' => [
            'Vehicle uncoupled, the same people in the same seats.',
            'Roll forward and back to settle the springs.',
            'Tape from ground to wheel-arch edge, plumb over each axle.',
        ],
        'caution' => 'Never go under a rig that is held by the tongue jack.',
    ],
    'head' => [
        'title' => 'Head',
        'steps' => [
            "Ball of the coupler's size, rated for the gross trailer weight.",
            'Choose the shank hole; look at tailgate and underside clearance.',
            "Start with more tilt near the bars' top rating, less near the bottom.",
        ],
        'caution' => "Torque by the hitch's own sheet, with a wrench: over-tight is as bad as loose.",
    ],
    'brackets' => [
        'title' => 'Brackets',
        'steps' => [
            "Set the brackets at the sheet's distance from the ball centre, the same on both sides.",
            "Move within the sheet's range past a gas-bottle tray or jack.",
            'Chains hang square to the frame and untwisted; bars lie as parallel to the frame as can be.',
        ],
        'caution' => "Torque by the hitch's own sheet, with a wrench.",
    ],
    'dropped' => [
        'title' => 'Dropped',
        'steps' => [
            'Couple, latch and pin. Jack right up, bars off.',
            'Roll forward and back to settle the springs.',
            'Tape both fenders again: the front rises, the rear drops.',
        ],
        'caution' => 'Chock before uncoupling. Is the coupler right down on the ball, and the jack off the ground?',
    ],
    'bars-up' => [
        'title' => 'Bars up',
        'steps' => [
            'Jack the coupled pair up until the bars go on almost by hand; the same setting on both sides.',
            'Jack away, roll forward and back, and tape both fenders.',
            'The bars must show a bend. Change one thing, then tape again.',
        ],
        'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
    ],
    'prove' => [
        'title' => 'Prove',
        'steps' => [
            'Vehicle: not front-low. Trailer: level or slightly nose-down, never nose-up.',
            'Bar tips clear of the ground, bars within their range.',
            'A weighbridge judges where there is one.',
        ],
        'caution' => 'Front axle never above its alone load, and nothing past a rating.',
    ],
    'sway-control' => [
        'title' => 'Sway control',
        'steps' => [
            "Friction pads flat and clean; cams centred on the bar's crown when straight.",
            'Separate friction bar: tension by its sheet.',
            'Tension chains alike on both sides, by counted threads.',
        ],
        'caution' => 'A separate friction bar comes off or slack before reversing and in slippery conditions, as its sheet says.',
    ],
    'hook-up-checks' => [
        'title' => 'Hook-up checks',
        'steps' => [
            'Safety chains crossed and of the right length; coupler pin in.',
            'Seven-pin plug, lights, brakes; jack foot up, chocks out.',
            'Steps and doors shut, inside secured.',
        ],
        'caution' => 'Breakaway cable to the vehicle itself, never to the chains.',
    ],
    'road-test' => [
        'title' => 'Road test',
        'steps' => [
            'Short and slow first, then the road it will travel.',
            'Wind, passing lorries, light steering, porpoising, sway: write down what was felt.',
            "Torque again after the first run, at the distance the hitch's sheet gives.",
        ],
        'caution' => 'If it sways: ease off the throttle, steady the wheel, trailer brakes alone if there is a lever. No hard braking, no steering against it.',
    ],
    'hand-over' => [
        'title' => 'Hand over',
        'steps' => [
            'Mark the link that is used.',
            'Hand over the settings, the heights in three stances, and what to re-check when.',
            'Show the customer how to hook up and unhitch, and what to do if it sways.',
        ],
        'caution' => 'The figures are an aid to measuring, not a certificate. If in doubt, a licensed workshop.',
    ],
];
