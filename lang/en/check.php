<?php

declare(strict_types=1);

return [
    'level' => ['says' => 'Trailer level or slightly nose-down'],
    'nose_down' => ['says' => 'Trailer nose-down, more than slightly'],
    'nose_up' => ['says' => 'Trailer nose-up', 'remedy' => 'Lower the head a hole and set the tension again: nose-up invites sway.'],
    'far_nose_down' => ['says' => 'Trailer far nose-down', 'remedy' => 'Raise the head a hole and set the tension again.'],
    'bent' => ['says' => 'Bars bent at the hook-up point by'],
    'not_bent' => ['says' => 'Bars show no bend', 'remedy' => 'More tension: straight bars carry nothing.'],
    'bars_in_rating' => ['says' => 'Each bar carries, of its rating'],
    'bars_past_rating' => ['says' => 'Bars past their rating', 'remedy' => 'Less tension, or heavier bars.'],
    'tips_clear' => ['says' => 'Bar tips clear of the ground by'],
    'tips_too_low' => ['says' => 'Bar tips too near the ground', 'remedy' => 'Take up more links and use less tilt, or raise the head a hole.'],
];
