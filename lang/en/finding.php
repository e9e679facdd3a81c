<?php

declare(strict_types=1);

return [
    'over_restored' => ['what' => 'Front axle over-restored', 'means' => 'It has about :figure % of the lost load, so more than alone. Steering gets heavy and the rear light.', 'remedy' => 'Less tension now. Do not drive it like this.'],
    'broken' => ['what' => 'Limit exceeded: :broken', 'means' => 'By the model, as it is hooked up.', 'remedy' => 'No setting is worth a rating: less load, other bars or another hitch.'],
    'nose_up' => ['what' => 'Trailer nose-up', 'means' => 'By about :figure°. It sways sooner.', 'remedy' => 'Lower the head a hole, then set the tension again.'],
    'slack_bars' => ['what' => 'Bars slack', 'means' => 'They show hardly any bend: they carry nothing, and the sway control loses its grip.', 'remedy' => 'More tension; more tilt where the links run out.'],
    'light_front' => ['what' => 'Front axle light', 'means' => 'Only about :figure % of the lost load is restored. It steers and brakes less.', 'remedy' => 'More tension: follow the next move.'],
    'far_nose_down' => ['what' => 'Trailer far nose-down', 'means' => 'By about :figure°.', 'remedy' => 'Raise the head a hole, then set the tension again.'],
    'title' => 'Diagnosis',
    'back' => 'Back to the bench',
    'none_yet' => 'Nothing to diagnose yet.',
    'none_yet_next' => 'Measure the carried rig: one fender, a ticket or the gauge is enough. Any order works: carried, dropped, alone.',
    'none' => 'Nothing is found wrong.',
    'chance' => ':chance likely',
    'share' => ':share restored',
    'level_by' => 'level, ± :doubt°',
    'nose_up_by' => ':degrees° ± :doubt nose-up',
    'nose_down_by' => ':degrees° ± :doubt nose-down',
    'bent_by' => 'bars bent :bend :doubt',
    'evidence' => [
        'each' => 'Evidence: :each.',
        'predicted' => 'Evidence: predicted from all readings together.',
        'bars' => 'Evidence: the bars\' bend that fits all readings. Look at the bars.',
        'trailer' => 'Evidence: coupler height or angle, as measured.',
        'trailer_predicted' => 'Evidence: predicted from the fender heights. A coupler height or an angle would confirm it.',
    ],
    'then' => 'After the moves: :figure.',
    'at' => 'At :station',
    'moves' => 'What puts it right',
    'expected' => 'Expect :share restored, the trailer :nose.',
    'looks' => 'What a look would save',
    'caution' => 'Never past a rating, and the front axle never above its alone load. An aid to measuring, not a certificate: the makers\' data sheets come first; if in doubt, a licensed workshop.',
    'picture' => 'The rig as it was taped',
];
