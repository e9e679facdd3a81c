<?php

declare(strict_types=1);

// The procedures: what to do, why, the caution at the hand, what the helper calls.
return [
    'not_ticked' => 'Saved up to here. Not ticked yet: :step',
    'tools' => [
        'label' => 'Have at hand:',
        'chocks' => 'chocks',
        'gloves' => 'gloves',
        'lift_tool' => 'lift tool',
        'board' => 'a board for the jack',
        'torch' => 'torch',
        'wrenches' => 'wrenches for the head',
        'marker' => 'marker',
        'tape' => 'tape',
        'gauge' => 'pressure gauge',
        'marks' => 'two marks',
        'level' => 'level',
        'wrench' => 'a torque wrench that reads from :from to :to',
        'wrench_one' => 'a torque wrench that reads :from',
    ],
    'title' => [
        'hook-up' => 'Hook up',
        'change-setting' => 'Change the setting',
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
            'asks' => 'Does the trailer have its own brakes?',
            'answers' => ['yes' => 'Yes', 'no' => 'No'],
        ],
        'jack' => [
            'asks' => 'How is the tongue jack driven?',
            'answers' => ['manual' => 'Manual', 'electric' => 'Electric'],
        ],
        'bars_off_to_reverse' => [
            'asks' => "Does the hitch's data sheet ask for the bars off before reversing?",
            'answers' => ['yes' => 'Yes', 'no' => 'No'],
        ],
        'plate' => [
            'asks' => 'Does the plate under the ball stand straight?',
            'answers' => ['straight' => 'Straight', 'turned' => 'Turned'],
        ],
        'change' => [
            'asks' => 'What is changed?',
            'answers' => ['small' => 'The small step: tension', 'head' => 'The head: its hole or its tilt'],
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
    'picture' => [
        'latch' => 'The coupler all the way down on the ball, its latch closed, a pin through it',
        'lift' => 'The jack lifts the tongue and the rear of the vehicle together',
        'chain-sides' => 'From behind: the chain runs round opposite sides of the two latches',
        'square' => 'The chain hangs untwisted, square to the frame',
        'cross' => 'From above: the safety chains cross under the coupler',
        'breakaway' => 'The breakaway cable from the trailer to the vehicle itself, apart from the chains',
        'plate' => 'The plate under the ball, the pin through it, a chain to either side',
        'blocks' => 'The frame of the trailer on blocks, the jack off the ground',
        'screw' => 'The screw in the head, and its gauge',
        'tug' => 'Hands tug the bar down and sideways between its socket and its bracket',
    ],
    'outcome' => ['done' => 'done', 'left out' => 'skipped'],
    'steps' => [
        'hook-up' => [
            'chocks' => [
                'does' => "Chock the trailer's wheels on both sides.",
                'why' => 'It can roll as soon as the jack carries the tongue.',
            ],
            'pad' => [
                'does' => "Lay a broad pad under the jack's foot, its long side fore and aft. One, never a stack.",
                'why' => 'On soft ground the foot sinks and leans as the jack lifts. On firm ground it saves the jack the last inches of its travel.',
            ],
            'head' => [
                'does' => "Put the head in the receiver, with pin and clip. Check that the ball is the coupler's size.",
                'why' => 'The shank hole is on the card: bolt a head that was stored in the same hole.',
            ],
            'levelling-off' => [
                'does' => 'Set self-levelling to its normal height, then switch it off.',
                'why' => 'Left on, it lifts the rear while the bars go on, and changes the setting.',
            ],
            'crank' => [
                'does' => 'Raise the coupler with the jack until it clears the ball. Open its latch.',
                'why' => 'Stop before the end of the travel: a jack that is run past it strips.',
                'caution' => 'Never under a trailer that is held by its jack.',
            ],
            'button' => [
                'does' => 'Raise the coupler with the jack until it clears the ball. Open its latch. Keep the crank at hand.',
                'why' => 'Its buttons say up and down, or extend and retract: try them first. An electric jack stalls at the end of its travel: let go before. It stops where it is when the battery is flat.',
                'caution' => 'Never under a trailer that is held by its jack.',
            ],
            'back' => [
                'does' => 'Back the ball slowly under the coupler, with the helper in the mirror.',
                'why' => 'The helper stands beside the tongue, never between vehicle and trailer.',
                'caution' => 'Nobody between vehicle and trailer while it moves. If you lose sight of the helper, stop.',
                'calls' => 'Back … left … right … slow … stop',
                'alone' => 'Put a mark on the ground beside the ball\'s path and one on the tongue in the mirror, back a little, stop, get out and look. Brake on each time.',
            ],
            'park' => [
                'does' => "Set the driver's brake, put it in park, switch the engine off.",
                'caution' => "The brake stays on while the jack lifts the vehicle's rear.",
            ],
            'couple' => [
                'does' => 'Latch open, ball a touch to the front of the coupler: lower the coupler all the way onto the ball. Close the latch and pin it.',
                'why' => 'A coupler that only rests on top of the ball comes off on the first bump. With the ball at the rear of its socket the latch does not close.',
                'caution' => 'Keep fingers from under the coupler. The cord of the plug must not lie between coupler and ball.',
            ],
            'prove' => [
                'does' => "Jack up a little: the vehicle's rear must come up with the tongue.",
                'why' => 'This proves that the latch holds.',
                'caution' => "Driver's brake on, chocks in place.",
            ],
            'plate-turned' => [
                'does' => 'Loosen the nuts of one side until the plate comes round. Or lower the weight onto the ball and drive a sharp turn, slowly, until it stands straight.',
                'why' => 'The plate stays turned when the rig was unhooked at an angle.',
                'caution' => 'Count the threads you loosen, and put them back. Nobody between vehicle and trailer while it moves.',
            ],
            'lift' => [
                'does' => 'Jack vehicle and trailer up together until the bars go on almost by hand.',
                'why' => 'The more the jack lifts, the less force hands and lift tool need.',
                'caution' => "Driver's brake on. Nobody under the tongue. Lift bars with the legs, not with the back.",
            ],
            'threads' => [
                'does' => 'Check that the nuts of both sides stand at their marked threads. They are not turned to hook up.',
                'why' => 'Lowering the jack tensions the chains to the same setting every time.',
            ],
            'tug' => [
                'does' => 'Tug each bar: it must sit fast in its socket and where it is hooked up, both equally tight.',
                'why' => 'A bar that only looks seated comes out on the road.',
                'caution' => 'Tug from the side, with no hand under the bar.',
            ],
            'same' => [
                'does' => 'Check that both sides are at the mark: count again, from the same end.',
                'why' => 'Unequal sides pull the trailer out of line.',
                'calls' => 'Left … right',
            ],
            'jack-up' => [
                'does' => 'Raise the jack all the way and take its foot or wheel off.',
                'why' => 'Weight on the jack is missing on the ball, and a low foot hits the road.',
            ],
            'bend' => [
                'does' => 'Check the bars: both show the same bend.',
                'why' => 'A straight bar carries nothing.',
            ],
            'friction' => [
                'does' => 'Fit the separate friction bar and set its handle as its data sheet says.',
                'why' => 'Take it off or slacken it before reversing and on slippery roads, as its data sheet says.',
            ],
            'chains' => [
                'does' => 'Cross the safety chains under the coupler: slack enough to turn, clear of the road.',
                'why' => 'Crossed safety chains catch the tongue if the coupler comes off.',
                'caution' => 'Too long: shorten them by a shorter attachment, or by twisting no more than their sheet allows. A long head makes them short: extend them with parts that are rated for the trailer. The breakaway cable is a separate thing.',
            ],
            'breakaway' => [
                'does' => 'Clip the breakaway cable to the vehicle itself.',
                'why' => 'If the hitch comes off, the safety chains may come off with it. The cable then applies the brakes.',
                'caution' => 'Never to the safety chains, never to the head.',
            ],
            'plug' => ['does' => 'Plug in the seven-pin plug. Its cable is clear of the road and long enough to turn.'],
            'lights' => [
                'does' => 'Check the lights: the helper behind calls which are on.',
                'calls' => 'Running … brake … left … right … reversing',
                'alone' => 'Read the lights in a window or wall behind, or in a mirror that you stand there; prop the brake pedal, or use the hazard lights for left and right.',
            ],
            'no-brakes' => [
                'does' => 'The trailer has no brakes: leave twice the distance to stop.',
                'why' => 'The vehicle has to stop both. Local law limits the weight of such a trailer.',
            ],
            'chocks-out' => ['does' => 'Take the chocks out and stow them.'],
            'gain' => [
                'does' => "Set the brake controller's gain. At walking pace apply the trailer's brakes by hand.",
                'why' => 'They must stop the rig firmly and in line, without locking.',
            ],
            'levelling-on' => [
                'does' => 'Switch self-levelling on again if its maker asks for it when towing.',
                'why' => 'It lowers the share that is restored; the setting allows for it.',
            ],
        ],
        'change-setting' => [
            'in-line' => ['does' => 'Stand the rig in line, on the flat spot where it is measured.'],
            'chocks' => ['does' => "Chock the trailer's wheels on both sides."],
            'park' => ['does' => "Set the driver's brake, put it in park, switch the engine off."],
            'jack-away' => [
                'does' => 'Raise the jack all the way: the rig stands coupled and loaded.',
                'why' => 'Weight on the jack is missing on the ball, and the gauge would show it.',
            ],
            'lift' => [
                'does' => 'Jack vehicle and trailer up together until the bars are slack.',
                'why' => 'If it is hard, jack higher.',
                'caution' => "Driver's brake on. Nobody under the tongue. Lift bars with the legs, not with the back.",
            ],
            'lift-off' => [
                'does' => 'Jack vehicle and trailer up together until the bars are slack.',
                'why' => 'If it is hard, jack higher.',
                'caution' => "Driver's brake on. Nobody under the tongue. Lift bars with the legs, not with the back.",
            ],
            'uncouple' => [
                'does' => 'Lower until some weight rests on the ball, open the latch, then raise the coupler with the jack until it clears the ball.',
                'caution' => 'Chock before uncoupling. Weight on the ball before the latch is opened. Never under a trailer that is held by its jack.',
            ],
            'bolts' => [
                'does' => "Take the head's bolts out, move it by what the next move says, and put the bolts back in.",
                'why' => 'Write down the new hole and tilt before anything else. The ball stands upright or a little to the rear, never forward.',
                'caution' => 'The head is heavy: lift with the legs, and keep fingers out of the holes.',
            ],
            'torque' => [
                'does' => 'Tighten the bolts with a torque wrench to the data sheet.',
                'why' => 'Over-tight is as bad as loose. Locking compound where the sheet asks for it.',
            ],
            'couple' => [
                'does' => 'Couple again: coupler all the way down, latch closed and pinned.',
                'caution' => 'The cord of the plug must not lie between coupler and ball.',
            ],
            'lift-on' => [
                'does' => 'Jack vehicle and trailer up together until the bars go on almost by hand.',
                'caution' => "Driver's brake on. Nobody under the tongue.",
            ],
            'same' => [
                'does' => 'Count the new setting on both sides, from the same end.',
                'why' => 'Unequal sides pull the trailer out of line.',
            ],
            'jack-up' => [
                'does' => 'Raise the jack all the way.',
                'why' => 'Weight on the jack is missing on the ball.',
            ],
            'tug' => [
                'does' => 'Tug each bar: it must sit fast in its socket and where it is hooked up.',
                'caution' => 'Tug from the side, with no hand under the bar.',
            ],
            'measure' => [
                'does' => 'Take the chocks out, roll forward and back, and measure both fenders again.',
                'why' => 'Springs stick where they last moved: rolling frees them.',
            ],
            'record' => ['does' => 'Record the hook-up on the bench: the setting, and what was measured.'],
        ],
        'departure' => [
            'inside' => ['does' => 'Secure doors, drawers and everything that can slide. Shut the gas at the bottle.'],
            'load' => [
                'does' => 'Check that the load is the one it was set up for: tanks, bikes, people.',
                'why' => 'Another load needs another setting: the load planner says which.',
            ],
            'steps' => ['does' => 'Raise steps and stabilisers, take the awning in, shut roof vents and windows.'],
            'coupler' => ['does' => 'Check the coupler: latched and pinned, jack all the way up.'],
            'bars' => ['does' => 'Check the bars: at the mark on both sides, pins in.'],
            'threads' => ['does' => 'Check the tension chains: both at the counted threads.'],
            'chains' => ['does' => 'Check the safety chains: crossed, clear of the road.'],
            'breakaway' => [
                'does' => 'Check the breakaway cable: clipped to the vehicle itself, its pin in the switch.',
                'caution' => 'Never to the safety chains.',
            ],
            'lights' => [
                'does' => 'Check the plug and the lights: the helper calls which are on.',
                'calls' => 'Running … brake … left … right',
                'alone' => 'Read them in a window or wall behind, or in a mirror that you stand there.',
            ],
            'tyres' => [
                'does' => 'Check tyre pressures and wheel nuts.',
                'why' => "A soft trailer tyre lets the trailer's tail wander.",
            ],
            'chocks' => ['does' => 'Take the chocks out and stow them.'],
            'mirrors' => ['does' => 'Check the mirrors: both sides of the trailer in view.'],
            'gain' => ['does' => "At walking pace apply the trailer's brakes by hand: firm and in line."],
        ],
        'reversing' => [
            'friction' => [
                'does' => 'Take the separate friction bar off, or slacken it, as its data sheet says.',
                'why' => 'It bends when the rig folds while reversing.',
            ],
            'chock-first' => [
                'does' => "Stop in line and level. Set the driver's brake and chock the trailer's wheels on both sides.",
            ],
            'lift' => [
                'does' => 'Jack vehicle and trailer up together until the bars are slack.',
                'why' => 'A loaded bar springs off.',
                'caution' => 'Nobody under the tongue.',
            ],
            'jack-up' => ['does' => 'Raise the jack all the way and take the chocks out.'],
            'walk' => ['does' => 'Walk the way first: check the ground, the height, wires and what stands behind.'],
            'helper' => [
                'does' => 'Agree with the helper where they stand and which signals they give. Open a window.',
                'why' => 'Only one person gives signals.',
                'alone' => 'Set a mark where the wheels are to stop, and one that you see from the seat. Get out and look as often as you need.',
            ],
            'sight' => [
                'does' => 'Reverse slowly, a little at a time. Drive forward to straighten.',
                'why' => 'Folding too far bends bars and bodywork.',
                'caution' => 'If you lose sight of the helper, stop. Nobody behind the trailer or between.',
                'calls' => 'Back … left … right … slow … stop',
                'alone' => 'Reverse only as far as you have just walked and seen free; stop, brake on, look again.',
            ],
            'plate' => [
                'does' => 'Drive out straight before you tighten the chains again.',
                'why' => 'A plate that stands turned stays turned.',
            ],
            'chock-again' => [
                'does' => "In place and in line, set the driver's brake and chock the trailer's wheels on both sides.",
            ],
            'lift-again' => [
                'does' => 'If you drive on from here, jack vehicle and trailer up together until the bars go on almost by hand.',
                'why' => 'If you stay here, leave the bars off and stop the procedure here.',
                'caution' => "Driver's brake on. Nobody under the tongue.",
            ],
            'jack-up-again' => ['does' => 'Check that both sides are at the mark. Raise the jack all the way and take the chocks out.'],
            'tug-again' => ['does' => 'Tug each bar in its socket and where it is hooked up.'],
            'friction-on' => ['does' => 'Fit the separate friction bar again and set its handle as its data sheet says.'],
        ],
        'arrival' => [
            'look' => ['does' => 'Stop before the pitch, get out and check: slope, soft ground, wires, the way out.'],
            'place' => [
                'does' => 'Place the trailer, with the helper in sight.',
                'calls' => 'Back … left … right … slow … stop',
                'caution' => 'Nobody behind the trailer or between.',
                'alone' => 'Set a mark where the wheels are to stop; get out and look before each length.',
            ],
            'heat' => [
                'does' => 'Hold a hand near hubs and tyres: have one that is hotter than the others checked.',
                'caution' => 'Near, not on: a dragging brake can burn you.',
            ],
            'sides' => [
                'does' => 'Level the trailer side to side while it is still coupled.',
                'why' => 'After uncoupling, the jack only levels front to back.',
            ],
            'chocks' => ['does' => "Chock the trailer's wheels on both sides.", 'caution' => 'Always before uncoupling.'],
            'stay' => [
                'does' => 'If you stay coupled overnight, slacken the bars if the data sheet asks for it.',
                'why' => 'It relieves springs and jack.',
            ],
        ],
        'unhitch' => [
            'straight' => [
                'does' => 'Stop in line, and as level as possible.',
                'why' => 'The bars come off easily when the rig is in line.',
            ],
            'plate' => ['does' => 'Stop exactly in line: a plate that is unhooked at an angle stays turned.'],
            'chocks' => [
                'does' => "Chock the trailer's wheels on both sides.",
                'caution' => 'Chock before uncoupling: the trailer rolls once it is free.',
            ],
            'park' => ['does' => "Set the driver's brake, put it in park, switch the engine off."],
            'pad' => [
                'does' => "Lay a broad pad under the jack's foot.",
                'why' => "On soft ground the foot sinks under the tongue's weight.",
            ],
            'friction' => ['does' => 'Take the separate friction bar off.'],
            'lift' => [
                'does' => 'Jack vehicle and trailer up together until the bars are slack.',
                'why' => 'The more the jack lifts, the less force hands and lift tool have to hold.',
                'caution' => "Driver's brake on. Nobody under the tongue. Lift bars with the legs, not with the back.",
            ],
            'plug' => [
                'does' => 'Unplug the cable and stow it.',
                'why' => 'Left in overnight it may drain a battery.',
            ],
            'breakaway' => ['does' => 'Unclip the breakaway cable from the vehicle. Leave its pin in the switch.'],
            'latch' => [
                'does' => 'Lower the jack until some weight rests on the ball. Take the pin out and open the latch.',
                'why' => 'With weight on the ball the latch is free. Pulled up by the jack, ball and coupler jam, and snap apart when it opens.',
                'caution' => 'Weight on the ball before the latch is opened. Do not force the latch. Fingers clear of the coupler.',
            ],
            'crank' => [
                'does' => 'Raise the coupler with the jack until it clears the ball.',
                'caution' => 'Keep feet out from under the tongue. Nobody under the trailer.',
            ],
            'button' => [
                'does' => 'Raise the coupler with the jack until it clears the ball.',
                'why' => 'Keep the crank at hand in case the battery is flat.',
                'caution' => 'Keep feet out from under the tongue. Nobody under the trailer.',
            ],
            'chains' => [
                'does' => 'Unhook the safety chains last.',
                'why' => 'They hold the trailer until the coupler is free.',
            ],
            'away' => [
                'does' => 'Drive ahead slowly, with the helper beside.',
                'calls' => 'Forward … stop',
                'caution' => 'Nobody between.',
                'alone' => 'Get out once the ball is clear of the coupler, brake on, and look before you drive on.',
            ],
            'level' => [
                'does' => 'Level the trailer on its jack.',
                'caution' => 'Never under a trailer that is held by its jack.',
            ],
            'stow' => [
                'does' => 'Stow what came off. Keep shank hole and setting marked.',
                'why' => 'The head has to go back in the same hole.',
            ],
            'levelling-on' => ['does' => 'Switch self-levelling on again.'],
        ],
    ],
];
