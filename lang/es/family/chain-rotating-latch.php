<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'cadena y cierre giratorio',
    'steps' => [
        'link' => ['one' => 'eslabón', 'many' => 'eslabones'],
        'head' => ['one' => 'agujero', 'many' => 'agujeros'],
    ],
    'sway' => 'la tensión de las barras en el cabezal',
    'sway_checks' => [
        'latches' => [
            'says' => 'Los dos cierres cerrados y con sus pasadores puestos',
            'remedy' => 'Cierre cada uno y ponga su pasador. La cadena rodea lados opuestos.',
        ],
        'sockets' => [
            'says' => 'Alojamientos del cabezal engrasados, sin holgura',
            'remedy' => 'Engrase según la ficha técnica. Los alojamientos gastados van al fabricante.',
        ],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            'Ponga los soportes a la distancia de la ficha técnica desde el centro de la bola, igual en ambos lados.',
            'Muévalos dentro de lo que admite la ficha técnica para librar una bandeja de bombonas o el gato.',
            'Las cadenas cuelgan a escuadra con el chasis y sin torcer. Las barras quedan lo más paralelas posible al chasis.',
        ]],
        'bars-up' => ['caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.'],
    ],
    'bars_on' => [
        'hook' => [
            'does' => 'Meta las barras en el cabezal y ponga cada cadena en su cierre por el eslabón marcado, sin torcer. En un lado rodea el cierre por delante, en el otro por detrás.',
            'why' => 'Los dos lados llevan el mismo cierre. Una cadena torcida es un eslabón más corta.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
        'latch' => [
            'does' => 'Cierre los dos con la palanca y ponga sus pasadores.',
            'why' => 'Un cierre sin pasador se abre en un bache.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
    ],
    'bars_off' => [
        'unlatch' => [
            'does' => 'Saque los pasadores, sujete cada cierre con la palanca y deje que gire hacia atrás.',
            'why' => 'Pasado el punto medio gira solo.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
        'take_out' => ['does' => 'Saque las barras del cabezal.'],
    ],
    'change' => [
        'move' => [
            'does' => 'Ponga las dos cadenas en sus cierres por el nuevo eslabón, contado desde el mismo extremo, sin torcer.',
            'why' => 'Una cadena torcida es un eslabón más corta.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
    ],
    'grease' => 'Bola, y el cabezal según su ficha técnica: donde la carga de las barras en el cabezal frena el coleo, ahí sin grasa.',
    'wear' => 'Extremos de las barras y cabezal, cadenas, cierres y sus pasadores, pasador del acoplador.',
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'Un eslabón',
        'specification.hitch.fields.steps.label' => 'Eslabones de la cadena',
        'specification.hitch.fields.start_step.label' => 'Eslabón de partida',
    ],
    'suits' => [
        'reversing' => 'No hay que quitar nada antes de dar marcha atrás.',
        'tailgate' => 'Nada sobresale por encima del cabezal.',
        'obstructions' => 'Un cierre en cada lado, a una sola distancia de la bola.',
        'quiet' => 'Las barras cargadas crujen en el cabezal en giros cerrados.',
        'sway_control' => 'La carga de las barras en el cabezal resiste un poco.',
    ],
];
