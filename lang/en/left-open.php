<?php

declare(strict_types=1);

// What a rig would be handed over without.
return [
    'heading' => 'Left open',
    'over' => 'Over its rating: :parts.',
    'verdict' => 'The front axle: :verdict.',
    'unread' => 'The setting that is on was not measured.',
    'setting_unsaid' => 'The setting that is on was not recorded.',
    'setting_half' => 'The setting that is on: :says.',
    'station' => ':station: not done.',
    'checks' => 'One check of the sway control has no answer.|:count checks of the sway control have no answer.',
    'torque' => 'No torque given: :label.',
    'all_the_same' => 'Hand over all the same',
    'hand_over' => 'Hand over',
    'nothing' => 'Nothing is left open.',
];
