<?php

declare(strict_types=1);

return [
    'experience' => 'De los propios trabajos del taller, tal como estaba cuando se reservó este',
    'most_useful' => 'Lo que más conviene saber',
    'then' => 'Lo siguiente que conviene saber',
    'tape_the_bars' => 'Medir las barras',
    'field' => ':part: :label',
    'save' => 'Guardar',
    'empty' => 'Se esperaba un valor. El campo estaba vacío, así que no se guardó nada.',
    'list' => 'Supuesto',
    'heading' => 'Supuesto, primero lo que más conviene saber',
    'wheelbase_mm' => 'Distancia entre ejes supuesta: :value.',
    'overhang_mm' => 'Voladizo supuesto: :value.',
    'ball_to_axle_mm' => 'De la bola al eje supuesto: :value.',
    'gross_weight_kg' => 'Peso bruto del remolque supuesto: :value.',
    'bar_arm_mm' => 'Brazo de barra supuesto: :value.',
    'vehicle_class' => 'Muelles supuestos como es habitual en :value.',
    'tongue_weight_kg' => 'Peso en la lanza supuesto: :value % del bruto.',
    'axle_group' => 'Ejes del remolque supuestos con compensador.',
    'cg_above_axle_mm' => 'Centro de gravedad supuesto :value sobre los ejes.',
    'family' => 'No se conoce la familia del enganche: no se puede dar un paso en sus ajustes.',
    'bar_rating_high_kg' => 'Barras supuestas para este peso en la lanza.',
    'coupler_height_mm' => 'Bola supuesta a la altura del acoplador.',
    'ball_height_mm' => 'Bola supuesta a la altura del acoplador.',
    'bars_taped' => 'La tensión de las barras no está medida.',
    'tape_the_bars' => 'Mida las barras antes de acoplar nada.',
    'would_tell' => ':Part: :label lo diría.',
    'chance' => 'Primer ajuste :now → :then % probable.',
    'doubt' => 'Recuperado ± :now → ± :then puntos.',
];
