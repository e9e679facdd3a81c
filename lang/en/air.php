<?php

declare(strict_types=1);

// Air springs and self-levelling, with bars off and on.
return [
    'title' => 'Air and levelling: four stances',
    'lifter' => ['air' => 'air', 'levelling' => 'levelling'],
    'dropped' => 'Dropped',
    'dropped_lifted' => 'Dropped, :lifter on',
    'carried' => 'Carried',
    'carried_lifted' => 'Carried, :lifter on',
    'why' => 'Bars off, the front axle carries :front less than alone, before the :lifter and after: lifting the rear by :lifted moves no load, because the ball still pushes down where it did. Bars on, the lift lets the bars go by :let_go: the front axle loses :front_loses, the rear gains :rear_gains, and :now restored becomes :then.',
    'changes' => 'Loads are changes from alone; the trailer\'s from level on its jack.',
    'weighed' => 'weighed :loads',
    'was_it_up' => 'Was the :lifter on when :stance was weighed? The scale finds :scale restored, the other readings :others; with the :lifter on it would be about :lifted.',
    'mark' => 'Yes, it was on',
    'condition' => [
        'air_up' => 'Air up',
        'levelling_on' => 'Levelling on',
        'driver_out' => 'Driver out',
        'other_setting' => 'Another setting',
    ],
    'conditions' => 'At this weighing',
    'aside' => 'Tickets with a condition are compared here. One weighed carried with :lifter on, and nothing else otherwise, says what is left on the road; the others do not count for the verdict.',
    'believes' => 'Weighed, :lifter takes :lost of what was restored; the model says :foretold. What was weighed counts: a scale reads what these springs do, the model supposes it.',
    'no_rate' => 'Nobody gave the rate or lift of :lifter: the table is what was weighed.',
];
