<?php

declare(strict_types=1);

use Yoke\Procedure\HandSignal;
use Yoke\Procedure\Question;

/*
 * The procedures: occasion => step => what it does, why, the caution at the hand, what the helper calls, the signals, whether
 * it must not be left out, when it is there at all (RigFacts::meets). `family` stands for how the hitch's own bars go on or off.
 */

$backing = [HandSignal::Back, HandSignal::TailLeft, HandSignal::TailRight, HandSignal::Slow, HandSignal::Stop];

return [
    'hook-up' => [
        'chocks' => ['does' => 'Chock the trailer\'s wheels on both sides.', 'why' => 'It rolls as soon as the jack takes the tongue.', 'must' => true],
        'ground' => ['asks' => Question::Ground],
        'pad' => ['does' => 'Lay a broad pad under the jack\'s foot.', 'why' => 'On soft ground the foot sinks as the pair is lifted, and leans.', 'when' => ['ground soft'], 'must' => true],
        'jack' => ['asks' => Question::Jack],
        'head' => ['does' => 'Head in the receiver, pin and clip through; ball of the coupler\'s size.', 'why' => 'The shank hole is the one on the card: a head stored apart goes back where it was.', 'must' => true],
        'levelling-off' => ['does' => 'Self-levelling to its normal height, then switched off.', 'why' => 'It would lift the rear while the bars go on, and the setting would be another.', 'when' => ['levelling'], 'must' => true],
        'crank' => ['does' => 'Wind the coupler up until it clears the ball.', 'when' => ['jack manual'], 'caution' => 'Never under a trailer that is held by its jack.'],
        'button' => ['does' => 'Run the coupler up until it clears the ball; keep the crank at hand.', 'why' => 'A flat battery leaves an electric jack where it stands.', 'when' => ['jack electric'], 'caution' => 'Never under a trailer that is held by its jack.'],
        'back' => ['does' => 'Back the ball under the coupler, slowly, the helper in the mirror.', 'why' => 'The helper stands beside the tongue, never between.', 'caution' => 'Nobody between vehicle and trailer while it moves. Out of sight of the helper: stop.', 'calls' => 'Back … left … right … slow … stop', 'signals' => $backing, 'must' => true],
        'park' => ['does' => 'Driver\'s brake on, in park, engine off.', 'caution' => 'The brake stays on while the jack lifts the vehicle\'s rear.', 'must' => true],
        'couple' => ['does' => 'Lower the coupler right down on the ball, close the latch, pin it.', 'why' => 'A coupler that rides on the ball\'s crown jumps off on the first bump.', 'must' => true],
        'prove' => ['does' => 'Jack up a little: the vehicle\'s rear has to come up with it.', 'why' => 'It proves the latch before anything hangs on it.', 'caution' => 'Driver\'s brake on, chocks in.', 'must' => true],
        'lift' => ['does' => 'Jack the coupled pair up until the bars go on almost by hand.', 'why' => 'What the jack lifts, hands and tool need not bend.', 'caution' => 'Driver\'s brake on. Nobody under the tongue.', 'when' => ['bars']],
        'on' => ['family' => 'bars_on'],
        'same' => ['does' => 'Both sides at the mark: count them again, from the same end.', 'why' => 'A link between left and right turns the trailer.', 'calls' => 'Left … right', 'must' => true],
        'jack-up' => ['does' => 'Jack right up, its foot or wheel off.', 'why' => 'Weight left on the jack is not on the ball, and the foot hits the road.', 'must' => true],
        'bend' => ['does' => 'Look at the bars: both bent alike, the chains square and untwisted.', 'why' => 'Straight bars carry nothing.', 'when' => ['bars']],
        'friction-asks' => ['asks' => Question::FrictionBar, 'when' => ['separate']],
        'friction' => ['does' => 'Separate friction bar on, its handle by its sheet.', 'why' => 'Off or slack again before reversing, and where it is slippery, as its sheet says.', 'when' => ['separate', 'friction_bar yes']],
        'chains' => ['does' => 'Safety chains crossed under the coupler, slack enough to turn, clear of the road.', 'why' => 'Crossed they catch the tongue. A long head makes them short: extend them with rated parts.', 'must' => true],
        'brakes' => ['asks' => Question::Brakes],
        'breakaway' => ['does' => 'Breakaway cable to the vehicle itself.', 'why' => 'If the hitch goes, the chains go with it, and the brakes have to come on.', 'caution' => 'Never to the chains, never to the head.', 'when' => ['brakes yes'], 'must' => true],
        'plug' => ['does' => 'Seven-pin plug home, its cable clear of the road and long enough to turn.', 'must' => true],
        'lights' => ['does' => 'Lights: the helper behind calls what burns.', 'calls' => 'Running … brake … left … right … reversing', 'must' => true],
        'no-brakes' => ['does' => 'No brakes on the trailer: leave twice the road to stop.', 'why' => 'The vehicle stops both. Local law says how heavy such a trailer may be.', 'when' => ['brakes no']],
        'chocks-out' => ['does' => 'Chocks out and stowed.', 'must' => true],
        'gain' => ['does' => 'Brake controller\'s gain set; at walking pace squeeze the trailer\'s brakes by hand.', 'why' => 'They have to pull up firmly and straight, and not lock.', 'when' => ['brakes yes'], 'must' => true],
        'levelling-on' => ['does' => 'Self-levelling on again where its maker wants it so for towing.', 'why' => 'It takes some of the front axle\'s load back; the setting allows for it.', 'when' => ['levelling']],
    ],
    'departure' => [
        'inside' => ['does' => 'Inside: doors, drawers and all that slides secured; gas shut at the bottle.', 'must' => true],
        'load' => ['does' => 'Load as it was set up for: tanks, bikes, people.', 'why' => 'A load that changed wants its own setting: the load planner says which.'],
        'steps' => ['does' => 'Steps up, stabilisers up, awning in, roof vents and windows shut.', 'must' => true],
        'coupler' => ['does' => 'Coupler latched and pinned, jack right up.', 'must' => true],
        'bars' => ['does' => 'Bars at the mark on both sides, pins in.', 'when' => ['bars'], 'must' => true],
        'threads' => ['does' => 'Both chains at the counted threads.', 'when' => ['chains alone'], 'must' => true],
        'chains' => ['does' => 'Safety chains crossed, clear of the road.', 'must' => true],
        'brakes' => ['asks' => Question::Brakes],
        'breakaway' => ['does' => 'Breakaway cable on the vehicle itself, its pin home.', 'caution' => 'Never to the chains.', 'when' => ['brakes yes'], 'must' => true],
        'lights' => ['does' => 'Plug in, lights called by the helper.', 'calls' => 'Running … brake … left … right', 'must' => true],
        'tyres' => ['does' => 'Tyres at pressure, wheel nuts looked at.', 'why' => 'A soft tyre on the trailer lets its tail wander.'],
        'chocks' => ['does' => 'Chocks out and stowed.', 'must' => true],
        'mirrors' => ['does' => 'Mirrors show both trailer sides.'],
        'gain' => ['does' => 'At walking pace, the trailer\'s brakes by hand: firm and straight.', 'when' => ['brakes yes'], 'must' => true],
    ],
    'reversing' => [
        'friction-asks' => ['asks' => Question::FrictionBar, 'when' => ['separate']],
        'friction' => ['does' => 'Separate friction bar off, or slack as its sheet says.', 'why' => 'It is bent when the rig folds backwards.', 'when' => ['separate', 'friction_bar yes'], 'must' => true],
        'bars-ask' => ['asks' => Question::BarsOffToReverse, 'when' => ['bars']],
        'lift' => ['does' => 'Straight ahead and level: jack the coupled pair up until the bars are slack.', 'why' => 'A loaded bar springs.', 'caution' => 'Driver\'s brake on. Chock before the jack takes the tongue.', 'when' => ['bars', 'bars_off_to_reverse yes'], 'must' => true],
        'off' => ['family' => 'bars_off', 'when' => ['bars', 'bars_off_to_reverse yes']],
        'jack-up' => ['does' => 'Jack right up, chocks out.', 'when' => ['bars', 'bars_off_to_reverse yes'], 'must' => true],
        'walk' => ['does' => 'Walk the way first: ground, height, wires, what stands behind.', 'must' => true],
        'helper' => ['does' => 'Agree with the helper: where they stand, one window open, these signals.', 'why' => 'One helper gives signals, nobody else.', 'signals' => $backing, 'must' => true],
        'sight' => ['does' => 'Back slowly, in small bites; straighten by driving forward.', 'why' => 'A rig that folds too far bends bars and body.', 'caution' => 'Out of sight of the helper: stop. Nobody behind the trailer or between.', 'calls' => 'Back … left … right … slow … stop', 'signals' => [HandSignal::Back, HandSignal::Forward, HandSignal::Slow, HandSignal::Stop], 'must' => true],
        'plate' => ['does' => 'Ease out straight before the chains are tightened again.', 'why' => 'A plate left turned stays turned.', 'when' => ['chains alone']],
        'on' => ['family' => 'bars_on', 'when' => ['bars', 'bars_off_to_reverse yes']],
        'friction-on' => ['does' => 'Separate friction bar on again, its handle by its sheet.', 'when' => ['separate', 'friction_bar yes'], 'must' => true],
    ],
    'arrival' => [
        'look' => ['does' => 'Stop before the place, get out and look: slope, soft ground, wires, the way out.', 'must' => true],
        'place' => ['does' => 'Put the trailer straight, the helper in sight.', 'calls' => 'Back … left … right … slow … stop', 'signals' => $backing, 'caution' => 'Nobody behind the trailer or between.'],
        'heat' => ['does' => 'Hold a hand near hubs and tyres: one hotter than the others wants looking at.', 'caution' => 'Near, not on: a dragging brake burns.'],
        'sides' => ['does' => 'Level side to side first, still coupled.', 'why' => 'Once uncoupled the jack only levels fore and aft.'],
        'chocks' => ['does' => 'Chock both sides.', 'caution' => 'Before uncoupling, always.', 'must' => true],
        'stay' => ['does' => 'Staying coupled for a night: bars slack where the sheet asks for it.', 'why' => 'Springs and jack rest.'],
    ],
    'unhitch' => [
        'straight' => ['does' => 'Stand straight and as level as can be.', 'why' => 'In line the bars come off easily.'],
        'plate' => ['does' => 'Exactly straight: a plate unhooked at an angle stays turned.', 'when' => ['chains alone']],
        'chocks' => ['does' => 'Chock the trailer\'s wheels on both sides.', 'caution' => 'Chock before uncoupling: the trailer rolls once it is free.', 'must' => true],
        'park' => ['does' => 'Driver\'s brake on, in park, engine off.', 'must' => true],
        'ground' => ['asks' => Question::Ground],
        'pad' => ['does' => 'Lay a broad pad under the jack\'s foot.', 'why' => 'On soft ground the foot sinks under the tongue.', 'when' => ['ground soft'], 'must' => true],
        'jack' => ['asks' => Question::Jack],
        'friction-asks' => ['asks' => Question::FrictionBar, 'when' => ['separate']],
        'friction' => ['does' => 'Separate friction bar off.', 'when' => ['separate', 'friction_bar yes'], 'must' => true],
        'lift' => ['does' => 'Jack the coupled pair up until the bars are slack.', 'why' => 'What the jack lifts, hands and tool need not hold.', 'caution' => 'Driver\'s brake on. Nobody under the tongue.', 'when' => ['bars'], 'must' => true],
        'off' => ['family' => 'bars_off'],
        'plug' => ['does' => 'Plug out, cable up.'],
        'brakes' => ['asks' => Question::Brakes],
        'breakaway' => ['does' => 'Breakaway cable off the vehicle, its pin left in the switch.', 'when' => ['brakes yes'], 'must' => true],
        'latch' => ['does' => 'Lower until the ball is just loaded; pin out, latch open.', 'why' => 'A latch under load does not open, and is not to be forced.', 'must' => true],
        'crank' => ['does' => 'Wind the coupler up until it clears the ball.', 'when' => ['jack manual'], 'caution' => 'No foot under the tongue, nobody under the trailer.', 'must' => true],
        'button' => ['does' => 'Run the coupler up until it clears the ball.', 'why' => 'Keep the crank at hand.', 'when' => ['jack electric'], 'caution' => 'No foot under the tongue, nobody under the trailer.', 'must' => true],
        'chains' => ['does' => 'Safety chains off last.', 'why' => 'They hold the trailer until the coupler is free.', 'must' => true],
        'away' => ['does' => 'Drive ahead slowly, the helper beside.', 'calls' => 'Forward … stop', 'signals' => [HandSignal::Forward, HandSignal::Stop], 'caution' => 'Nobody between.', 'must' => true],
        'level' => ['does' => 'Level the trailer on its jack.', 'caution' => 'Never under a trailer that is held by its jack.'],
        'stow' => ['does' => 'Stow bars and head; the shank hole and the link stay marked.', 'why' => 'A head stored apart goes back where it was.'],
        'levelling-on' => ['does' => 'Self-levelling on again.', 'when' => ['levelling']],
    ],
];
