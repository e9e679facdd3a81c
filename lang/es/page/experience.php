<?php

declare(strict_types=1);

return [
    'show' => [
        'which' => 'Cuál',
        'each' => 'Cada vehículo, enganche y remolque por sí mismo (:count)',
        'title' => 'Experiencia del taller',
        'lead' => 'Lo que contaron los trabajos terminados cuyas lecturas concuerdan. Los trabajos nuevos parten de ello, hasta donde llega, y guardan de qué partieron.',
        'what' => 'Qué',
        'among' => 'Entre',
        'jobs' => 'Trabajos',
        'textbook' => 'Manual',
        'learned' => 'Aprendido',
        'switched_off' => 'No usado',
        'nothing_yet' => 'Todavía no se ha aprendido nada. Cuando se entregue un trabajo cuyas alturas solo, sin barras y con barras concuerden, aparecerá aquí.',
        'repeats' => 'Alturas medidas de nuevo',
        'who' => 'Quién, o qué',
        'times' => 'Repeticiones',
        'switch' => 'Apagar una fuente',
        'looked_at' => ':count trabajos terminados revisados.',
    ],
];
