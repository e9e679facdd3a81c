<?php

declare(strict_types=1);

return [
    'at' => ':setting: :says',
    'changes_drawn' => 'What each axle carries more or less than alone, set-up by set-up; the figures stand in the table above',
    'counted' => '{1} Weighed once, on :last.|[2,*] Weighed :count times, last on :last.',
    'example_kg' => "front 1460\nrear 1190\ntrailer 2780",
    'example_lb' => "front 3220\nrear 2620\ntrailer 6120",
    'alone_heavier_than_coupled' => 'The vehicle weighs more alone than with the trailer on it: tickets swapped, or a trailer that lifts its tongue.',
    'kilograms_for_pounds' => 'The trailer weighs under half of what its data sheet says: kilograms typed for pounds?',
    'pounds_for_kilograms' => 'The trailer weighs over twice what its data sheet says: pounds typed for kilograms?',
    'heavier_carried' => 'The rig weighs :load more carried than dropped: bars move load, they make none. An axle stood half on its platform, somebody got in, or gear or water came aboard.',
    'lighter_carried' => 'The rig weighs :load less carried than dropped: bars move load, they take none. An axle stood half on its platform, somebody got out, gear was taken off, or fuel was burnt.',
    'front_lost_load' => 'The front axle lost load from dropped to carried: dropped and carried swapped, or front and rear on the wrong platforms.',
    'front_unchanged' => 'Dropped and carried weigh the same at the front: were the bars left on, or off both times?',
    'gains_out_of_proportion' => 'The front gained :load and the trailer :other; with these lengths :expected was to be expected. One of the axles stood on a wrong platform, or was typed wrong.',
];
