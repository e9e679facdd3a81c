<?php

declare(strict_types=1);

return [
    'place' => [
        'drop' => 'In drop, hole :hole',
        'rise' => 'In rise, hole :hole',
    ],
    'turned' => [
        'drop' => 'drop',
        'rise' => 'rise',
    ],
    'in_the_way' => [
        'tailgate' => 'The open tailgate meets the head: it opens only uncoupled, or not at all.',
        'underside' => 'The head comes up to the bumper or spare wheel: check the underside before it is bolted.',
        'ball_below_coupler' => 'The ball stands below the level coupler: a compromise, to be stated.',
    ],
    'school' => [
        'by_tongue_weight' => 'By tongue weight',
        'level' => 'Level with the coupler',
        'a_little_over' => 'A little over the coupler',
        'over' => 'Over the coupler',
        'well_over' => 'Well over the coupler',
    ],
];
