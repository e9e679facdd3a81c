<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'cabezal de husillo con medidor de carga',
    'steps' => [
        'turn' => ['one' => 'vuelta', 'many' => 'vueltas'],
        'head' => ['one' => 'agujero', 'many' => 'agujeros'],
    ],
    'sway' => 'un soporte de fricción',
    'sway_checks' => [
        'faces' => [
            'says' => 'Caras de fricción del soporte limpias y secas',
            'remedy' => 'Páseles un trapo seco; sin grasa salvo en el husillo.',
        ],
        'gauge' => [
            'says' => 'El medidor marca su objetivo con las barras puestas',
            'remedy' => 'Engrase el husillo y gírelo hasta que el medidor marque el objetivo.',
        ],
        'level_bars' => [
            'says' => 'Las dos barras apoyan igual en sus soportes',
            'remedy' => 'Mire desde atrás: la misma flexión en ambos lados.',
        ],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            'Ponga los soportes a la distancia de la ficha técnica desde el centro de la bola, igual en ambos lados.',
            'Muévalos dentro de lo que admite la ficha técnica para librar una bandeja de bombonas o el gato.',
            'Las barras apoyan planas en sus soportes, lo más paralelas posible al chasis.',
        ]],
        'bars-up' => ['steps' => [
            'Engrase el husillo. Suba el gato hasta que libre el suelo. Después gire el husillo mirando el medidor, hasta que marque el objetivo.',
            'Ruede adelante y atrás, y mida los dos guardabarros.',
            'Las barras deben verse flexionadas. Cambie una cosa y mida otra vez.',
        ], 'caution' => 'Engrase antes de girar el husillo. Dedos lejos de barras y soportes: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.'],
    ],
    'bars_on' => [
        'back_off' => [
            'does' => 'Gire el husillo hacia atrás hasta que las barras cuelguen sueltas.',
            'why' => 'Las barras flojas se ponen a mano: el gato no tiene que levantar el conjunto.',
            'caution' => 'Engrase antes de girar el husillo.',
        ],
        'swing_on' => [
            'does' => 'Meta las barras en el cabezal y gírelas sobre sus soportes.',
            'caution' => 'Dedos lejos de barras y soportes: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
    ],
    'tension' => [
        'grease' => [
            'does' => 'Engrase el husillo.',
            'why' => 'Un husillo seco se gasta y gira duro con carga.',
            'caution' => 'Engrase antes de girar el husillo, todas las veces.',
        ],
        'turn_up' => [
            'does' => 'Gire el husillo mirando el medidor, hasta que marque el objetivo.',
            'why' => 'El gato está fuera, así que el medidor marca toda la carga entre bola y acoplador.',
            'caution' => 'Nunca por encima del límite de las barras, marque lo que marque el medidor. Dedos lejos de las barras.',
        ],
    ],
    'slacken' => [
        'turn_back' => [
            'does' => 'Engrase el husillo y gírelo hacia atrás hasta que el medidor marque el peso en la lanza: las barras están flojas.',
            'caution' => 'No saque nunca una barra cargada.',
        ],
    ],
    'bars_off' => [
        'swing_off' => [
            'does' => 'Saque las barras de sus soportes y del cabezal.',
            'caution' => 'Dedos lejos de barras y soportes: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
    ],
    'change' => [
        'turn' => [
            'does' => 'Gire el husillo mirando el medidor, hasta que marque el objetivo.',
            'why' => 'No hace falta otra prueba: tarda cosa de un minuto.',
            'caution' => 'Nunca por encima del límite de las barras, marque lo que marque el medidor. Dedos lejos de las barras.',
        ],
    ],
    'grease' => 'Bola, el husillo antes de girarlo. Sin grasa en barra ni soporte.',
    'wear' => 'Barras y soportes donde rozan, husillo y medidor, pasadores, grapas, pasador del acoplador.',
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'Una vuelta del husillo',
        'specification.hitch.fields.steps.label' => 'Vueltas del husillo',
        'specification.hitch.fields.start_step.label' => 'Vuelta de partida',
        'specification.hitch.fields.friction.label' => 'Fricción de la barra en el soporte',
    ],
    'suits' => [
        'reversing' => 'No hay que quitar nada antes de dar marcha atrás.',
        'tailgate' => 'El husillo sobresale por encima del cabezal: compruebe que el portón abierto lo libra.',
        'obstructions' => 'Un soporte de fricción en cada lado, a una sola distancia de la bola.',
        'quiet' => 'Las barras rozan en sus soportes y se oyen en giros cerrados.',
        'sway_control' => 'La fricción de las barras en sus soportes resiste el coleo.',
    ],
];
