<?php

declare(strict_types=1);

return [
    'title' => 'Cadenas de seguridad',
    'lead' => 'Se cruzan debajo del acoplador. Mida desde la bola, visto desde arriba; la cadena, desde su anclaje hasta la punta de su gancho.',
    'sketch' => 'Desde arriba: las cadenas de seguridad se cruzan debajo del acoplador; por dónde va la cinta, 1 a 4',
    'field' => [
        'loop_ahead' => ['label' => 'Argollas delante de la bola', 'hint' => 'Un cabezal largo deja cortas las cadenas.'],
        'loop_aside' => ['label' => 'Argolla desde la línea central', 'hint' => 'La mitad de lo que distan las dos.'],
        'anchor_behind' => ['label' => 'Anclajes detrás de la bola', 'hint' => 'Donde las cadenas van atornilladas o soldadas al remolque.'],
        'anchor_aside' => ['label' => 'Anclaje desde la línea central', 'hint' => 'La mitad de lo que distan los dos.'],
        'height' => ['label' => 'Altura sobre el camino', 'hint' => 'De argollas o anclajes, lo que esté más bajo, con el conjunto acoplado.'],
        'chain' => ['label' => 'Cadena, con su gancho', 'hint' => 'Estirada.'],
    ],
    'reckon' => '¿Es bastante larga?',
    'right' => 'Bastante larga para un giro cerrado, y a :clear del camino.',
    'short' => ':by demasiado corta: quedaría tensa en un giro cerrado. Alárguela con piezas de la misma capacidad que la cadena.',
    'low' => ':by demasiado larga: cuelga a :clear del camino. Engánchela uno o más eslabones antes, o tuérzala no más de lo que permite la hoja de datos.',
    'drags' => ':by demasiado larga: arrastra por el camino. Engánchela más corta, o tuérzala no más de lo que permite la hoja de datos.',
    'impossible' => 'Ningún largo basta para un giro cerrado y queda a la vez lejos del camino: las argollas están muy bajas, o muy lejos de los anclajes.',
    'range' => 'De :shortest, floja en un giro de :turn, a :longest, lejos del camino con el conjunto recto.',
    'governs' => 'Mandan las hojas de datos de cadena, gancho y remolque, y la ley local sobre qué capacidad se exige.',
    'back' => 'Volver a Cabezal',
    'open' => '¿Qué largo llevan las cadenas de seguridad?',
];
