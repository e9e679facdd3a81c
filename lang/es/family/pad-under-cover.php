<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'pastilla bajo tapa',
    'steps' => [
        'hole' => ['one' => 'agujero de altura', 'many' => 'agujeros de altura'],
        'tooth' => ['one' => 'diente', 'many' => 'dientes'],
        'head' => ['one' => 'agujero', 'many' => 'agujeros'],
    ],
    'sway' => 'pastillas de fricción',
    'sway_checks' => [
        'pads' => [
            'says' => 'Pastillas planas, limpias y más gruesas que el mínimo de la ficha técnica',
            'remedy' => 'Límpielas o sustitúyalas por parejas.',
        ],
        'covers' => [
            'says' => 'Tapas puestas, el mismo agujero de altura en ambos lados',
            'remedy' => 'Cuente los agujeros en ambos lados; si falta una tapa, entra suciedad.',
        ],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            'Ponga los soportes a la distancia de la ficha técnica desde el centro de la bola, igual en ambos lados.',
            'Muévalos dentro de lo que admite la ficha técnica para librar una bandeja de bombonas o el gato.',
            'Las barras apoyan planas en sus pastillas, lo más paralelas posible al chasis.',
        ]],
        'bars-up' => ['caution' => 'Dedos lejos de barras y pastillas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.'],
    ],
    'bars_on' => [
        'swing_in' => [
            'does' => 'Gire las barras sobre sus pastillas en el agujero de altura marcado.',
            'caution' => 'Dedos lejos de barras y pastillas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
        'covers' => ['does' => 'Cierre las dos tapas.', 'why' => 'Si falta una tapa, entra suciedad en las pastillas.'],
    ],
    'bars_off' => [
        'swing_off' => [
            'does' => 'Abra las tapas y saque las barras de sus pastillas.',
            'caution' => 'Dedos lejos de barras y pastillas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
    ],
    'change' => [
        'move' => [
            'does' => 'Pase las dos pastillas al nuevo agujero de altura, igual en ambos lados.',
            'caution' => 'Dedos lejos de la pastilla: sujétela por su soporte.',
        ],
    ],
    'grease' => 'Bola. Sin grasa en pastillas ni barras.',
    'wear' => 'Pastillas bajo sus tapas, tapas, pasadores, grapas, pasador del acoplador.',
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'Entre agujeros de altura',
        'specification.hitch.fields.steps.label' => 'Agujeros de altura',
        'specification.hitch.fields.start_step.label' => 'Agujero de altura de partida',
        'specification.hitch.fields.tilt_deg.label' => 'Un diente, grados',
        'specification.hitch.fields.tilt_steps.label' => 'Dientes',
        'specification.hitch.fields.start_washers_low.label' => 'Dientes de partida, menor peso en la lanza',
        'specification.hitch.fields.start_washers_high.label' => 'Dientes de partida, mayor peso en la lanza',
        'specification.hitch.fields.friction.label' => 'Fricción de la barra en la pastilla',
    ],
    'suits' => [
        'reversing' => 'No hay que quitar nada antes de dar marcha atrás.',
        'tailgate' => 'Nada sobresale por encima del cabezal.',
        'obstructions' => 'Un soporte con tapa en cada lado, a una sola distancia de la bola.',
        'quiet' => 'Pastillas bajo tapa: silencioso, hasta que se gastan.',
        'sway_control' => 'Las pastillas de fricción resisten el coleo; se gastan.',
    ],
];
