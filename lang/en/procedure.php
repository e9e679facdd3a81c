<?php

declare(strict_types=1);

// The procedures: what to do, why, the caution at the hand, what the helper calls.
return [
    'title' => [
        'hook-up' => 'Hook up',
        'departure' => 'Walk round before leaving',
        'reversing' => 'Reverse',
        'arrival' => 'Arrive',
        'unhitch' => 'Unhitch',
    ],
    'question' => [
        'ground' => [
            'asks' => 'What does the jack stand on?',
            'answers' => ['firm' => 'Firm ground', 'soft' => 'Soft ground'],
        ],
        'brakes' => [
            'asks' => 'Has the trailer brakes of its own?',
            'answers' => ['yes' => 'Yes', 'no' => 'No'],
        ],
        'jack' => [
            'asks' => 'How is the tongue jack driven?',
            'answers' => ['manual' => 'By crank', 'electric' => 'Electric'],
        ],
        'bars_off_to_reverse' => [
            'asks' => "Does the hitch's sheet want the bars off before reversing?",
            'answers' => ['yes' => 'Yes', 'no' => 'No'],
        ],
        'friction_bar' => [
            'asks' => 'Is there a separate friction bar?',
            'answers' => ['yes' => 'Yes', 'no' => 'No'],
        ],
    ],
    'signal' => [
        'back' => ['name' => 'back', 'moves' => 'both hands beckon over the shoulders'],
        'forward' => ['name' => 'forward', 'moves' => 'both hands push away'],
        'tail-left' => ['name' => "tail to the driver's left", 'moves' => 'one arm points, the other beckons'],
        'tail-right' => ['name' => "tail to the driver's right", 'moves' => 'one arm points, the other beckons'],
        'slow' => ['name' => 'slow', 'moves' => 'both palms press down'],
        'stop' => ['name' => 'stop', 'moves' => 'both arms crossed over the head, held'],
    ],
    'outcome' => ['done' => 'done', 'left out' => 'left out'],
    'steps' => [
        'hook-up' => [
            'chocks' => [
                'does' => "Chock the trailer's wheels on both sides.",
                'why' => 'It rolls as soon as the jack takes the tongue.',
            ],
            'pad' => [
                'does' => "Lay a broad pad under the jack's foot.",
                'why' => 'On soft ground the foot sinks as the pair is lifted, and leans.',
            ],
            'head' => [
                'does' => "Head in the receiver, pin and clip through; ball of the coupler's size.",
                'why' => 'The shank hole is the one on the card: a head stored apart goes back where it was.',
            ],
            'levelling-off' => [
                'does' => 'Self-levelling to its normal height, then switched off.',
                'why' => 'It would lift the rear while the bars go on, and the setting would be another.',
            ],
            'crank' => [
                'does' => 'Wind the coupler up until it clears the ball.',
                'caution' => 'Never under a trailer that is held by its jack.',
            ],
            'button' => [
                'does' => 'Run the coupler up until it clears the ball; keep the crank at hand.',
                'why' => 'A flat battery leaves an electric jack where it stands.',
                'caution' => 'Never under a trailer that is held by its jack.',
            ],
            'back' => [
                'does' => 'Back the ball under the coupler, slowly, the helper in the mirror.',
                'why' => 'The helper stands beside the tongue, never between.',
                'caution' => 'Nobody between vehicle and trailer while it moves. Out of sight of the helper: stop.',
                'calls' => 'Back … left … right … slow … stop',
            ],
            'park' => [
                'does' => "Driver's brake on, in park, engine off.",
                'caution' => "The brake stays on while the jack lifts the vehicle's rear.",
            ],
            'couple' => [
                'does' => 'Lower the coupler right down on the ball, close the latch, pin it.',
                'why' => "A coupler that rides on the ball's crown jumps off on the first bump.",
            ],
            'prove' => [
                'does' => "Jack up a little: the vehicle's rear has to come up with it.",
                'why' => 'It proves the latch before anything hangs on it.',
                'caution' => "Driver's brake on, chocks in.",
            ],
            'lift' => [
                'does' => 'Jack the coupled pair up until the bars go on almost by hand.',
                'why' => 'What the jack lifts, hands and tool need not bend.',
                'caution' => "Driver's brake on. Nobody under the tongue.",
            ],
            'same' => [
                'does' => 'Both sides at the mark: count them again, from the same end.',
                'why' => 'A link between left and right turns the trailer.',
                'calls' => 'Left … right',
            ],
            'jack-up' => [
                'does' => 'Jack right up, its foot or wheel off.',
                'why' => 'Weight left on the jack is not on the ball, and the foot hits the road.',
            ],
            'bend' => [
                'does' => 'Look at the bars: both bent alike; chains, where there are any, square and untwisted.',
                'why' => 'Straight bars carry nothing.',
            ],
            'friction' => [
                'does' => 'Separate friction bar on, its handle by its sheet.',
                'why' => 'Off or slack again before reversing, and where it is slippery, as its sheet says.',
            ],
            'chains' => [
                'does' => 'Safety chains crossed under the coupler, slack enough to turn, clear of the road.',
                'why' => 'Crossed they catch the tongue. A long head makes them short: extend them with rated parts.',
            ],
            'breakaway' => [
                'does' => 'Breakaway cable to the vehicle itself.',
                'why' => 'If the hitch goes, the chains go with it, and the brakes have to come on.',
                'caution' => 'Never to the chains, never to the head.',
            ],
            'plug' => ['does' => 'Seven-pin plug home, its cable clear of the road and long enough to turn.'],
            'lights' => [
                'does' => 'Lights: the helper behind calls what burns.',
                'calls' => 'Running … brake … left … right … reversing',
            ],
            'no-brakes' => [
                'does' => 'No brakes on the trailer: leave twice the road to stop.',
                'why' => 'The vehicle stops both. Local law says how heavy such a trailer may be.',
            ],
            'chocks-out' => ['does' => 'Chocks out and stowed.'],
            'gain' => [
                'does' => "Brake controller's gain set; at walking pace squeeze the trailer's brakes by hand.",
                'why' => 'They have to pull up firmly and straight, and not lock.',
            ],
            'levelling-on' => [
                'does' => 'Self-levelling on again where its maker wants it so for towing.',
                'why' => "It takes some of the front axle's load back; the setting allows for it.",
            ],
        ],
        'departure' => [
            'inside' => ['does' => 'Inside: doors, drawers and all that slides secured; gas shut at the bottle.'],
            'load' => [
                'does' => 'Load as it was set up for: tanks, bikes, people.',
                'why' => 'A load that changed wants its own setting: the load planner says which.',
            ],
            'steps' => ['does' => 'Steps up, stabilisers up, awning in, roof vents and windows shut.'],
            'coupler' => ['does' => 'Coupler latched and pinned, jack right up.'],
            'bars' => ['does' => 'Bars at the mark on both sides, pins in.'],
            'threads' => ['does' => 'Both chains at the counted threads.'],
            'chains' => ['does' => 'Safety chains crossed, clear of the road.'],
            'breakaway' => [
                'does' => 'Breakaway cable on the vehicle itself, its pin home.',
                'caution' => 'Never to the chains.',
            ],
            'lights' => [
                'does' => 'Plug in, lights called by the helper.',
                'calls' => 'Running … brake … left … right',
            ],
            'tyres' => [
                'does' => 'Tyres at pressure, wheel nuts looked at.',
                'why' => 'A soft tyre on the trailer lets its tail wander.',
            ],
            'chocks' => ['does' => 'Chocks out and stowed.'],
            'mirrors' => ['does' => 'Mirrors show both trailer sides.'],
            'gain' => ['does' => "At walking pace, the trailer's brakes by hand: firm and straight."],
        ],
        'reversing' => [
            'friction' => [
                'does' => 'Separate friction bar off, or slack as its sheet says.',
                'why' => 'It is bent when the rig folds backwards.',
            ],
            'chock-first' => [
                'does' => "Straight ahead and level: driver's brake on, the trailer's wheels chocked on both sides.",
            ],
            'lift' => [
                'does' => 'Jack the coupled pair up until the bars are slack.',
                'why' => 'A loaded bar springs.',
                'caution' => 'Nobody under the tongue.',
            ],
            'jack-up' => ['does' => 'Jack right up, chocks out.'],
            'walk' => ['does' => 'Walk the way first: ground, height, wires, what stands behind.'],
            'helper' => [
                'does' => 'Agree with the helper: where they stand, one window open, these signals.',
                'why' => 'One helper gives signals, nobody else.',
            ],
            'sight' => [
                'does' => 'Back slowly, in small bites; straighten by driving forward.',
                'why' => 'A rig that folds too far bends bars and body.',
                'caution' => 'Out of sight of the helper: stop. Nobody behind the trailer or between.',
                'calls' => 'Back … left … right … slow … stop',
            ],
            'plate' => [
                'does' => 'Ease out straight before the chains are tightened again.',
                'why' => 'A plate left turned stays turned.',
            ],
            'chock-again' => [
                'does' => "In place, straight: driver's brake on, the trailer's wheels chocked on both sides.",
            ],
            'lift-again' => [
                'does' => 'Going on from here: jack the coupled pair up until the bars go on almost by hand.',
                'why' => 'Staying here, the bars stay off: leave this run half done.',
                'caution' => "Driver's brake on. Nobody under the tongue.",
            ],
            'jack-up-again' => ['does' => 'Both sides at the mark, jack right up, chocks out.'],
            'friction-on' => ['does' => 'Separate friction bar on again, its handle by its sheet.'],
        ],
        'arrival' => [
            'look' => ['does' => 'Stop before the place, get out and look: slope, soft ground, wires, the way out.'],
            'place' => [
                'does' => 'Put the trailer straight, the helper in sight.',
                'calls' => 'Back … left … right … slow … stop',
                'caution' => 'Nobody behind the trailer or between.',
            ],
            'heat' => [
                'does' => 'Hold a hand near hubs and tyres: one hotter than the others wants looking at.',
                'caution' => 'Near, not on: a dragging brake burns.',
            ],
            'sides' => [
                'does' => 'Level side to side first, still coupled.',
                'why' => 'Once uncoupled the jack only levels fore and aft.',
            ],
            'chocks' => ['does' => 'Chock both sides.', 'caution' => 'Before uncoupling, always.'],
            'stay' => [
                'does' => 'Staying coupled for a night: bars slack where the sheet asks for it.',
                'why' => 'Springs and jack rest.',
            ],
        ],
        'unhitch' => [
            'straight' => [
                'does' => 'Stand straight and as level as can be.',
                'why' => 'In line the bars come off easily.',
            ],
            'plate' => ['does' => 'Exactly straight: a plate unhooked at an angle stays turned.'],
            'chocks' => [
                'does' => "Chock the trailer's wheels on both sides.",
                'caution' => 'Chock before uncoupling: the trailer rolls once it is free.',
            ],
            'park' => ['does' => "Driver's brake on, in park, engine off."],
            'pad' => [
                'does' => "Lay a broad pad under the jack's foot.",
                'why' => 'On soft ground the foot sinks under the tongue.',
            ],
            'friction' => ['does' => 'Separate friction bar off.'],
            'lift' => [
                'does' => 'Jack the coupled pair up until the bars are slack.',
                'why' => 'What the jack lifts, hands and tool need not hold.',
                'caution' => "Driver's brake on. Nobody under the tongue.",
            ],
            'plug' => ['does' => 'Plug out, cable up.'],
            'breakaway' => ['does' => 'Breakaway cable off the vehicle, its pin left in the switch.'],
            'latch' => [
                'does' => 'Lower until the ball is just loaded; pin out, latch open.',
                'why' => 'A latch under load does not open, and is not to be forced.',
            ],
            'crank' => [
                'does' => 'Wind the coupler up until it clears the ball.',
                'caution' => 'No foot under the tongue, nobody under the trailer.',
            ],
            'button' => [
                'does' => 'Run the coupler up until it clears the ball.',
                'why' => 'Keep the crank at hand.',
                'caution' => 'No foot under the tongue, nobody under the trailer.',
            ],
            'chains' => [
                'does' => 'Safety chains off last.',
                'why' => 'They hold the trailer until the coupler is free.',
            ],
            'away' => [
                'does' => 'Drive ahead slowly, the helper beside.',
                'calls' => 'Forward … stop',
                'caution' => 'Nobody between.',
            ],
            'level' => [
                'does' => 'Level the trailer on its jack.',
                'caution' => 'Never under a trailer that is held by its jack.',
            ],
            'stow' => [
                'does' => 'Stow what came off; shank hole and setting stay marked.',
                'why' => 'A head stored apart goes back where it was.',
            ],
            'levelling-on' => ['does' => 'Self-levelling on again.'],
        ],
    ],
];
