<?php

declare(strict_types=1);

return [
    'advised' => 'Stand the ball :height over the level coupler (:doubt), so that the trailer ends level in the middle of the range.',
    'planned' => 'Stand the ball :height over the level coupler: the nearest that the data sheet of the hitch allows.',
    'outside' => 'For a level trailer the model asks for :height, outside the range of the data sheet, which governs. Planned this way the trailer ends :angle :stands. To choose otherwise, record another hole and say why.',
    'now' => [
        'heading' => 'Coupler and ball',
        'over' => 'The ball stands :height over the ground now: :off over the level coupler.',
        'under' => 'The ball stands :height over the ground now: :off below the level coupler.',
        'level' => 'The ball stands :height over the ground now: level with the coupler.',
        'tape_counts' => 'Taped since, the ball stands at :taped; the hole that was recorded should bring it to :hole. They differ by :off. The tape counts: look whether the head sits in another hole, or whether the ball or the ground was measured elsewhere.',
        'hole_counts' => 'Taped before the head was bolted, the ball stood at :taped; the hole that was recorded since brings it to :hole, :off elsewhere. The hole counts until the ball is taped again: save its height once more.',
        'save' => 'Save for the :part',
        'save_short' => 'Save',
    ],
    'nose_down' => 'nose-down',
    'nose_up' => 'nose-up',
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
        'data_sheet' => 'Data sheet of the hitch, which governs',
        'by_tongue_weight' => 'By tongue weight',
        'level' => 'Level with the coupler',
        'a_little_over' => 'A little over the coupler',
        'over' => 'Over the coupler',
        'well_over' => 'Well over the coupler',
    ],
];
