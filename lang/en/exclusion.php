<?php

declare(strict_types=1);

return [
    'over_restored' => 'may leave the front heavier than alone',
    'bars_past_rating' => 'bars past their rating',
    'tips_too_low' => 'bar tips too near the ground',
    'front_axle_past_rating' => 'front axle over its rating',
    'trailer_axles_past_rating' => 'trailer axles over their rating',
    'one_trailer_axle_past_rating' => 'one trailer axle over its rating',
];
