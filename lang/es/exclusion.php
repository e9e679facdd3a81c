<?php

declare(strict_types=1);

return [
    'over_restored' => 'puede dejar la parte delantera más pesada que solo',
    'bars_past_rating' => 'barras por encima de su límite',
    'tips_too_low' => 'puntas de barra demasiado cerca del suelo',
    'front_axle_past_rating' => 'eje delantero por encima de su límite',
    'trailer_axles_past_rating' => 'ejes del remolque por encima de su límite',
    'one_trailer_axle_past_rating' => 'un eje del remolque por encima de su límite',
];
