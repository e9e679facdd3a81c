<?php

declare(strict_types=1);

return [
    'checks' => [
        'the_family_of_the_hitch' => 'The family of the hitch is not known yet. Choose it on the hitch\'s specification, and its sway control is checked here.',
        'checks_by_eye' => 'Checks by eye',
        'threads_left' => 'Threads, left',
        'left' => 'left',
        'threads_right' => 'Threads, right',
        'right' => 'right',
        'count' => 'Count',
        'ok' => 'OK: :check',
        'ok_2' => 'OK',
        'not_ok' => 'Not OK: :check',
        'not_ok_2' => 'Not OK',
    ],
    'panel' => [
        'nothing_worse' => 'nothing that invites sway is worse.',
        'what_invites_sway' => 'What invites sway',
        'what_invites_sway_on_this' => 'What invites sway on this rig',
        'tongue_share_attitude_and_front' => 'Tongue share, attitude and front axle appear here once carried is measured. Until then only what you can see.',
        'nothing_found_speed_still_invites' => 'Nothing found. Speed still invites sway on any rig, and no safe speed can be given.',
        'speed_adds_to_each_of' => 'Speed adds to each of these, and no safe speed can be given.',
        'sway_control_in_figures_to' => 'Sway control in figures, to compare set-ups of this rig',
        'against' => 'Against :title, :day: :worse',
        'if_it_sways_on_the' => 'If it sways on the road',
    ],
];
