<?php

declare(strict_types=1);

return [
    'experience' => 'From the shop\'s own jobs, as it was when this one was booked',
    'most_useful' => 'Most worth knowing',
    'then' => 'Worth knowing next',
    'tape_the_bars' => 'Tape the bars',
    'field' => ':part: :label',
    'save' => 'Save',
    'empty' => 'Expected a value. The field was empty, so nothing was saved.',
    'list' => 'Assumed',
    'heading' => 'Assumed, the most useful to know first',
    'wheelbase_mm' => 'Wheelbase assumed: :value.',
    'overhang_mm' => 'Overhang assumed: :value.',
    'ball_to_axle_mm' => 'Ball to axle assumed: :value.',
    'gross_weight_kg' => 'Gross trailer weight assumed: :value.',
    'bar_arm_mm' => 'Bar arm assumed: :value.',
    'vehicle_class' => 'Springs assumed as usual in a :value.',
    'tongue_weight_kg' => 'Tongue weight assumed: :value % of gross.',
    'axle_group' => 'Trailer axles assumed to be equalised.',
    'cg_above_axle_mm' => 'Centre of gravity assumed :value above the axles.',
    'family' => 'The hitch\'s family is not known: no move can be given in its settings.',
    'bar_rating_high_kg' => 'Bars assumed to be rated for the tongue weight.',
    'coupler_height_mm' => 'Ball assumed level with the coupler.',
    'ball_height_mm' => 'Ball assumed level with the coupler.',
    'bars_taped' => 'The bars\' tension is not measured.',
    'tape_the_bars' => 'Tape the bars before anything is coupled.',
    'would_tell' => ':Part: :label would tell.',
    'chance' => 'First setting :now → :then % likely.',
    'doubt' => 'Restored ± :now → ± :then points.',
];
