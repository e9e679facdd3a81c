<?php

declare(strict_types=1);

return [
    'level' => ['says' => 'Remolque nivelado o ligeramente de morro bajo'],
    'nose_down' => ['says' => 'Remolque de morro bajo, más que ligeramente'],
    'nose_up' => ['says' => 'Remolque de morro alto', 'remedy' => 'Baje el cabezal un agujero y ponga la tensión de nuevo: el morro alto favorece el coleo.'],
    'far_nose_down' => ['says' => 'Remolque muy de morro bajo', 'remedy' => 'Suba el cabezal un agujero y ponga la tensión de nuevo.'],
    'bent' => ['says' => 'Barras dobladas en el punto de enganche'],
    'not_bent' => ['says' => 'Las barras no muestran curva', 'remedy' => 'Más tensión: unas barras rectas no llevan nada.'],
    'bars_in_rating' => ['says' => 'Cada barra lleva, de su límite'],
    'bars_past_rating' => ['says' => 'Barras por encima de su límite', 'remedy' => 'Menos tensión, o barras más fuertes.'],
    'tips_clear' => ['says' => 'Puntas de barra libres del suelo'],
    'tips_too_low' => ['says' => 'Puntas de barra demasiado cerca del suelo', 'remedy' => 'Recoja más eslabones y use menos inclinación, o suba el cabezal un agujero.'],
];
