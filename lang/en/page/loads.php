<?php

declare(strict_types=1);

return [
    'columns' => [
        'the_planner_needs_a_hitch' => 'The planner needs a hitch whose family is known.',
        'beside_which_load' => 'Beside which load',
        'beside' => 'Beside',
        'at' => 'At :setting, :setting_from.',
        'saved_for' => 'Saved for :state:',
        'keep_for_it' => 'Keep :keepable for it',
        'saved_for_2' => 'Saved for :state: :kept_setting.',
        'against_its_ratings' => ':state against its ratings',
        'of' => 'of :may',
        'lifting_the_rear_moves_no' => 'Lifting the rear moves no load forward: bars off, the ball presses as before and the front stays light. Bars on, the lift slackens them, and the rear axle gets heavier. Aim higher beforehand.',
    ],
    'drawing' => [
        'larger' => 'Drag a load along the rig, or the water in a tank: the rig follows. Heights are drawn five times larger than they are.',
        'the_rig_with_its_loads' => 'The rig with its loads; each can be dragged, or moved with the arrow keys',
    ],
    'rows' => [
        'what' => 'What',
        'weight' => 'Weight',
        'on_the' => 'On the',
        'place' => 'Place',
        'load_what' => 'Load :i, what',
        'load_weight' => 'Load :i, weight',
        'load_on' => 'Load :i, on',
        'vehicle' => 'vehicle',
        'trailer' => 'trailer',
        'load_place' => 'Load :i, place',
        'leave_out' => 'Leave out :row',
        'full' => ':tank, :full full',
        'full_2' => '% full',
        'a_place_on_the_vehicle' => 'A place on the vehicle counts back from its front axle; on the trailer ahead of its axles, behind them below 0. Drag a mark on the drawing, or move it with the arrow keys.',
        'tanks_show_here_once_the' => 'Tanks show here once the trailer\'s sheet has their size and place.',
        'add' => 'Add',
    ],
    'show' => [
        'load_states' => 'Load states',
        'copy_load_state' => 'Copy load state',
        'archive' => 'Archive',
        'what_was_aboard_when_the' => 'What was aboard when the rig was weighed. All other loads are compared with it: change it only to correct it.',
        'this_load' => 'This load',
        'save_load' => 'Save load',
        'result' => 'Result',
        'load_planner' => 'Load planner, :title',
    ],
];
