<?php

declare(strict_types=1);

// A rig that arrived coupled, set by nobody knows whom.
return [
    'title' => 'Take over a rig',
    'lead' => 'It arrived coupled. Measure in reverse order before anything is moved: carried, dropped, alone. Then two moves put it right: the head first, then the tension.',
    'back' => 'Guide: take over a rig',
    'steps' => [
        'setting' => ['does' => 'Count the setting as it is, on both sides.', 'why' => 'Nobody knows how it was set: links, holes or turns can be counted on the hitch.', 'go' => 'Record the setting'],
        'carried' => ['does' => 'Tape the fenders as it stands: front first.', 'why' => 'Roll forward and back before. Same people in the same seats for every stance.', 'go' => 'Measure carried'],
        'nose' => ['does' => 'Read the nose of the trailer: coupler height, or its angle.', 'why' => 'Often the ball is a shank position too low while the front is right.', 'go' => 'Read coupler or angle'],
        'dropped' => ['does' => 'Take the tension off and tape the fenders again.', 'why' => 'Jack up until it comes off by hand. Chock first.', 'go' => 'Measure dropped'],
        'alone' => ['does' => 'Uncouple and tape the vehicle alone.', 'why' => 'Weight on the ball before the latch is opened.', 'go' => 'Measure alone'],
        'level' => ['does' => 'Level the trailer on its jack and tape the coupler.', 'why' => 'Frame height at two marks, fore and aft of the axles: when they are equal, the trailer is level.', 'go' => 'Save'],
        'ball' => ['does' => 'Tape the ball as it stands, unloaded.', 'why' => 'Head bolted on, vehicle alone.', 'go' => 'Save'],
    ],
    'done' => 'done',
    'next' => 'next',
    'plan' => 'Two moves',
    'plan_waits' => 'The moves follow from these measurements. With fewer of them they are less sure; with carried, dropped and alone they can be told.',
    'no_move' => 'Nothing has to be moved.',
    'head' => [
        'right' => 'The ball stands where it should, within a tape.',
        'low' => 'The ball stands :by too low.',
        'high' => 'The ball stands :by too high.',
        'stays' => 'The trailer stands level enough with it: the head stays.',
        'place' => 'Bolt the head :place: the ball then stands :off of where it should.',
        'beyond' => 'Its holes do not reach: the ball would still stand :by off. Turn the shank over, or take another shank.',
        'turn' => 'Turn the shank over.',
        'record' => 'Record the hole, with the reason where something is in its way',
    ],
    'diagnosis' => 'What is wrong, and how sure',
];
