<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'barra sobre leva',
    'steps' => [
        'link' => ['one' => 'eslabón', 'many' => 'eslabones'],
        'washer' => ['one' => 'arandela', 'many' => 'arandelas'],
        'head' => ['one' => 'agujero', 'many' => 'agujeros'],
    ],
    'sway' => 'las levas bajo la cresta de las barras, que devuelven a la línea',
    'sway_checks' => [
        'cams' => [
            'says' => 'Las levas quedan bajo la cresta de las barras con el conjunto en línea',
            'remedy' => 'Avance unos largos en línea recta y mueva después el soporte de la leva hasta que cresta y leva coincidan, igual en ambos lados.',
        ],
        'crowns' => [
            'says' => 'Crestas y levas limpias, con poca grasa o ninguna',
            'remedy' => 'Límpielas. Como mucho una película de grasa, si la ficha técnica la pide.',
        ],
        'cam_bolts' => [
            'says' => 'Soportes de las levas apretados, brazos sin doblar',
            'remedy' => 'Apriete al par de la ficha técnica. Sustituya un brazo doblado.',
        ],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            'Ponga los soportes a la distancia de la ficha técnica desde el centro de la bola, igual en ambos lados.',
            'Muévalos dentro de lo que admite la ficha técnica para librar una bandeja de bombonas o el gato.',
            'Las levas quedan bajo la cresta de las barras. Las cadenas cuelgan a escuadra con el chasis y sin torcer. Las barras quedan lo más paralelas posible al chasis.',
        ]],
        'bars-up' => ['caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.'],
    ],
    'bars_on' => [
        'hook' => [
            'does' => 'Meta las barras en el cabezal, gire cada una sobre su leva y enganche su cadena en el eslabón marcado, sin torcer.',
            'why' => 'La leva debe encontrar la cresta; si no, no puede devolver el conjunto a la línea. Una cadena torcida es un eslabón más corta.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
        'close' => [
            'does' => 'Cierre los dos soportes con la palanca y ponga sus pasadores.',
            'why' => 'Un soporte sin pasador salta con fuerza.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
    ],
    'bars_off' => [
        'open' => [
            'does' => 'Abra los soportes con la palanca, un lado después del otro, y baje las cadenas.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
        'swing_off' => ['does' => 'Saque las barras de sus levas y del cabezal.'],
    ],
    'change' => [
        'move' => [
            'does' => 'Pase las dos cadenas al nuevo eslabón, contado desde el mismo extremo, sin torcer.',
            'why' => 'Una cadena torcida es un eslabón más corta.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
        'centre' => [
            'does' => 'Avance unos largos en línea recta y mire: cada leva queda bajo la cresta de su barra. Si no, mueva el soporte de la leva.',
            'why' => 'Otro eslabón u otra inclinación desplaza la cresta a lo largo de la barra.',
            'caution' => 'Engrase las levas muy poco o nada. El ruido en giros cerrados es normal: no es motivo para engrasarlas.',
        ],
    ],
    'grease' => 'Bola, alojamientos del cabezal. Levas: muy poco o nada, según su ficha técnica.',
    'wear' => 'Levas y cresta de las barras, cadenas, grapas, pasador del acoplador.',
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'Un eslabón',
        'specification.hitch.fields.steps.label' => 'Eslabones de la cadena',
        'specification.hitch.fields.start_step.label' => 'Eslabón de partida',
    ],
    'suits' => [
        'reversing' => 'No hay que quitar nada antes de dar marcha atrás.',
        'tailgate' => 'Nada sobresale por encima del cabezal.',
        'obstructions' => 'Necesita sitio para un soporte de cadena y una leva en cada lado.',
        'quiet' => 'Ruidoso en giros cerrados; es normal.',
        'sway_control' => 'Las levas devuelven el remolque a la línea.',
    ],
];
