<?php

declare(strict_types=1);

return [
    'front_restoration' => ['name' => 'Front restoration', 'too_little' => 'More tension: the front axle is still light.', 'in_range' => 'The front axle has its load again, and no more.', 'too_much' => 'Less tension: the front axle carries more than the range allows.'],
    'equal_squat' => ['name' => 'Equal squat', 'headline' => 'Front drop less rear drop', 'too_little' => 'The rear dropped more than the front: more tension, but stop at full return.', 'in_range' => 'Front and rear dropped alike, within :tolerance.', 'too_much' => 'Less tension: the front dropped more than the rear, or is below its alone height.'],
    'coupler_height' => ['name' => 'Coupler height', 'headline' => 'Coupler over its level height', 'too_little' => 'The coupler is low: raise the head a hole.', 'too_little_straight' => 'The bars show no bend: more tension first.', 'in_range' => 'The coupler is at its level height and the bars are bent.', 'too_much' => 'The coupler is high: lower the head a hole.'],
    'ball_load' => ['name' => 'Ball load', 'headline' => 'Force on the ball', 'too_little' => 'More tension: the gauge should show :target, within :tolerance %.', 'in_range' => 'The gauge is at its target, :target, within :tolerance %.', 'too_much' => 'Less tension: the gauge should show :target, within :tolerance %.'],
    'axle_scale' => ['name' => 'Axle scale', 'too_little' => 'The scale says: more tension.', 'in_range' => 'The scale finds the front axle in range.', 'too_much' => 'The scale says: less tension.'],
    'not_sure' => 'Not sure yet. :chances.',
    'waiting' => 'Weigh the rig alone, dropped and carried.',
    'squat_and_restoration' => 'Equal squat asks for more tension. On this rig that would bring the front below its alone height: stop at full return.',
    'squat_otherwise' => 'Equal squat looks at heights only; the range holds the front axle\'s load.',
    'coupler_and_restoration' => 'The coupler\'s height depends on the head\'s hole more than on the bars: set the load by tension, the height by the head.',
];
