<?php

declare(strict_types=1);

// What the shop has learned from its finished jobs.
return [
    'source' => [
        'front_rate' => 'Muelles delanteros',
        'rear_rate' => 'Muelles traseros',
        'bar_rate' => 'Barras frente a su límite',
        'tension' => 'Tensión del ajuste medio',
        'trailer_rate' => 'Muelles del remolque',
        'pace' => 'Tiempo que lleva un trabajo',
        'reader' => 'Cinta de una persona',
        'friction' => 'Muelles que se pegan, rodados',
    ],
    'group' => ['jobs' => 'todos los trabajos', 'bars' => 'todos los enganches', 'coil' => 'muelles helicoidales', 'leaf' => 'ballestas'],
    'from_usual' => ':off % respecto a lo habitual, ± :doubt %',
    'from_usual_mm' => ':off respecto a lo habitual, ± :doubt',
    'textbook' => 'habitual, ± :doubt %',
    'textbook_mm' => 'habitual, ± :doubt',
    'used' => ':source: :says, de :jobs trabajos acabados (:own con este).',
    'used_repeats' => ':source: :says, de :jobs repeticiones.',
];
