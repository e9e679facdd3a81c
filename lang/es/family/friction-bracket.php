<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'barra sobre soporte de fricción',
    'steps' => [
        'hole' => ['one' => 'agujero del soporte', 'many' => 'agujeros del soporte'],
        'washer' => ['one' => 'arandela', 'many' => 'arandelas'],
        'head' => ['one' => 'agujero', 'many' => 'agujeros'],
    ],
    'sway' => 'la fricción de la barra en el soporte y en el cabezal',
    'sway_checks' => [
        'flat' => [
            'says' => 'Las dos barras apoyan planas en sus soportes',
            'remedy' => 'Ponga los soportes a escuadra, a la misma distancia en ambos lados; una barra de canto agarra poco y se gasta.',
        ],
        'faces' => [
            'says' => 'Caras de fricción limpias y secas, sin grasa',
            'remedy' => 'Páseles un trapo seco; quite la grasa con limpiador de frenos, si la ficha técnica lo permite.',
        ],
        'wear' => [
            'says' => 'Caras y barras sin gastar más allá del límite de la ficha técnica',
            'remedy' => 'Sustituya las piezas gastadas por parejas.',
        ],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            'Ponga los soportes a la distancia de la ficha técnica desde el centro de la bola, igual en ambos lados.',
            'Muévalos dentro de lo que admite la ficha técnica para librar una bandeja de bombonas o el gato.',
            'Las barras apoyan planas en sus soportes, lo más paralelas posible al chasis, y sobresalen de ellos lo que dice la ficha técnica.',
        ]],
        'bars-up' => ['caution' => 'Dedos lejos de barras y soportes: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.'],
    ],
    'bars_on' => [
        'swing_over' => [
            'does' => 'Meta las barras en el cabezal, el agujero del seguro hacia arriba, y escuche el clic. Gire cada una sobre su soporte en el agujero marcado.',
            'why' => 'Una barra de canto agarra poco y se gasta.',
            'caution' => 'Dedos lejos de barras y soportes: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
        'keepers' => [
            'does' => 'Compruebe que las dos barras apoyan planas y ponga los pasadores de retención.',
            'why' => 'Sin su retención, una barra puede saltar en un bache.',
        ],
    ],
    'bars_off' => [
        'lift_off' => [
            'does' => 'Saque los pasadores de retención y levante cada barra de su soporte con la palanca.',
            'caution' => 'Dedos lejos de barras y soportes: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
        'take_out' => ['does' => 'Saque las barras del cabezal; mantenga limpias sus caras.'],
    ],
    'change' => [
        'move' => [
            'does' => 'Pase los dos soportes al nuevo agujero, igual en ambos lados, y ponga sus pasadores.',
            'why' => 'El apoyo del soporte debe quedar plano bajo la barra.',
            'caution' => 'Dedos lejos de barras y soportes: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
    ],
    'grease' => 'Bola. Sin grasa en barra ni soporte: sujetan por fricción.',
    'wear' => 'Barras y soportes donde rozan, pasadores, grapas, pasador del acoplador.',
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'Entre agujeros del soporte',
        'specification.hitch.fields.steps.label' => 'Agujeros del soporte',
        'specification.hitch.fields.start_step.label' => 'Agujero del soporte de partida',
        'specification.hitch.fields.tilt_deg.label' => 'Una arandela, grados',
        'specification.hitch.fields.tilt_steps.label' => 'Arandelas',
        'specification.hitch.fields.friction.label' => 'Fricción de la barra en el soporte',
    ],
    'suits' => [
        'reversing' => 'No hay que quitar nada antes de dar marcha atrás.',
        'tailgate' => 'Nada sobresale por encima del cabezal.',
        'obstructions' => 'Las barras deben apoyar planas y paralelas al chasis: una bandeja o un gato estorba con facilidad.',
        'quiet' => 'Las barras rozan en sus soportes y se oyen en giros cerrados.',
        'sway_control' => 'La fricción de las barras en sus soportes resiste el coleo.',
    ],
];
