<?php

declare(strict_types=1);

return [
    'no_way_past' => 'Weight distribution is no way past a rating: take load off, or use parts that are rated for it.',
    'ball_gross' => 'gross trailer weight on the ball',
    'coupler_gross' => 'gross trailer weight on the coupler',
    'coupler_tongue' => 'tongue weight on the coupler',
    'receiver_tongue' => 'tongue weight on the receiver',
    'bars_heaviest_tongue' => 'tongue weight for the bars',
    'bars_lightest_tongue' => 'minimum tongue weight for these bars',
    'one_bar' => 'one spring bar',
    'trailer' => 'trailer, gross',
    'trailer_axles' => 'trailer axles',
    'one_trailer_axle' => 'trailer axle :axle of :axles',
    'trailer_tyre' => 'one trailer tyre',
    'front_axle' => 'front axle',
    'rear_axle' => 'rear axle',
    'front_tyre' => 'one front tyre',
    'rear_tyre' => 'one rear tyre',
    'vehicle' => 'vehicle',
    'combination' => 'combination',
    'front_against_alone' => 'front axle against alone',
    'payload' => 'payload',
    'in_stance' => ':what, :stance',
    'over' => 'Over its rating: :what, :carries of :may.',
    'more_than_alone' => 'More than alone: :what, :carries of :may.',
    'caution' => 'Outside while the bars are off: :what, :carries of :may. With them on it is judged again.',
    'state' => ['over' => 'over', 'below' => 'below its range', 'caution' => 'caution', 'alone' => 'more than alone'],
    'below' => 'Below its range: :what, :carries of :may.',
];
