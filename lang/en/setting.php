<?php

declare(strict_types=1);

return [
    'count' => [
        'half' => 'half a :one',
        'one' => '1 :one',
        'many' => ':count :many',
        'and_a_half' => ':count 1/2 :many',
    ],
    'sides_differ' => 'Left and right are not the same: uneven sides pull the trailer out of line. Set both alike, count again, and measure again.',
    'left' => ':label, left',
    'right' => ':label, right',
    'go' => 'go :change',
    'tighter' => ':count tighter',
    'looser' => ':count looser',
    'raise_head' => 'raise the head :count',
    'lower_head' => 'lower the head :count',
    'head_hole' => 'head hole :hole',
    'head_hole_label' => 'Head hole',
    'step' => ':one :step',
    'shown_on' => 'On now: :setting',
    'shown_tried' => 'Trying: :setting',
    'shown_first' => 'Planned: :setting',
    'close_up' => 'Close-up of the hitch, the place in use marked',
    'stepper' => [
        'looser' => 'looser',
        'tighter' => 'tighter',
        'lower' => 'lower',
        'higher' => 'higher',
    ],
    'tried_share' => ':share restored.',
    'tried_loads' => 'From alone: front axle :front, rear :rear; trailer :trailer.',
    'tried_excluded' => 'Never advised: :why.',
    'ruled_out' => '{1} 1 setting, :why|[2,*] :count settings, :why',
    'set_by' => [
        'question' => 'Bars put on by',
        'jack' => 'jack',
        'lever' => 'lever',
    ],
    'try' => 'Try on the drawing',
    'back' => 'Undo',
    'record' => 'Record this hook-up',
    'record_setting' => 'Record setting',
    'try_or_record' => 'Try this only, or record it as on the rig?',
    'try_only' => 'Try only',
    'record_first' => 'Record this hook-up before you type its heights, or undo.',
];
