<?php

declare(strict_types=1);

return [
    'count' => [
        'half' => 'half a :one',
        'one' => '1 :one',
        'many' => ':count :many',
        'and_a_half' => ':count 1/2 :many',
    ],
    'tighter' => ':count tighter',
    'looser' => ':count looser',
    'raise_head' => 'raise the head :count',
    'lower_head' => 'lower the head :count',
    'head_hole' => 'head hole :hole',
    'step' => ':one :step',
];
