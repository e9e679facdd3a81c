<?php

declare(strict_types=1);

return [
    'rake' => 'Rake, rear over front: :stances.',
    'rake_at' => ':stance :figures',
    'too_little' => 'Too little',
    'in_range' => 'In range',
    'too_much' => 'Too much',
    'not_sure' => 'Not sure yet',
    'waiting' => 'Not measured yet',
    'heading' => 'Front axle load restored',
    'range' => 'Target range :from to :to %',
    'range_raised' => 'Target range :from to :to % now: :left % is left once :lifter on',
    'now_and_road' => ':now % now, about :road % once :lifter on',
    'on_the_road' => 'On the road',
    'levelling_is' => 'the levelling is',
    'air_is' => 'the air springs are',
    'figure' => ':mean % ± :doubt',
    'chances' => 'Too little: :too_little. In range: :in_range. Too much: :too_much.',
    'chance' => ':percent %',
    'nearly_sure' => 'over 99 %',
    'nearly_never' => 'under 1 %',
    'by_method' => 'Judged by :method.',
    'none_yet' => 'No verdict yet: nothing is measured with the bars on.',
    'tape_targets' => 'Front between :low and :high',
    'scale_tick' => ':percent %',
    'disclaimer' => 'An aid to measuring, not a certificate: the makers\' data sheets come first.',
    'setting_unsaid' => 'Choose the setting that is on. Then the next move is given in its steps.',
    'family_unsaid' => 'Choose the hitch\'s family in the garage. Then the next move is given in links, holes or turns.',
    'dropped_missing' => 'Dropped is not measured: this rests on what is usual, so the doubt is large.',
    'no_readings_of_its_own' => 'Nothing was measured that :method looks at; it is judged by the other readings.',
];
