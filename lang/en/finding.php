<?php

declare(strict_types=1);

return [
    'over_restored' => ['what' => 'Front axle over-restored', 'means' => 'It has about :figure % of the lost load, so more than alone. Steering gets heavy and the rear light.', 'remedy' => 'Less tension now. Do not drive it like this.'],
    'broken' => ['what' => 'Limit exceeded: :broken', 'means' => 'By the model, as it is hooked up.', 'remedy' => 'No setting is worth a rating: less load, other bars or another hitch.'],
    'nose_up' => ['what' => 'Trailer nose-up', 'means' => 'By about :figure°. It sways sooner.', 'remedy' => 'Lower the head a hole, then set the tension again.'],
    'slack_bars' => ['what' => 'Bars slack', 'means' => 'They show hardly any bend: they carry nothing, and the sway control loses its grip.', 'remedy' => 'More tension; more tilt where the links run out.'],
    'light_front' => ['what' => 'Front axle light', 'means' => 'Only about :figure % of the lost load is restored. It steers and brakes less.', 'remedy' => 'More tension: follow the next move.'],
    'far_nose_down' => ['what' => 'Trailer far nose-down', 'means' => 'By about :figure°.', 'remedy' => 'Raise the head a hole, then set the tension again.'],
];
