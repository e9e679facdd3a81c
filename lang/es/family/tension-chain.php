<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'cadena de tensión, sin barras',
    'steps' => [
        'thread' => ['one' => 'hilo de rosca', 'many' => 'hilos de rosca'],
        'head' => ['one' => 'agujero', 'many' => 'agujeros'],
    ],
    'sway' => 'un cono de fricción que giran las cadenas',
    'sway_checks' => [
        'threads' => [
            'says' => 'Las dos cadenas apretadas igual, por hilos contados',
            'remedy' => 'Cuente otra vez desde la cara de la tuerca y apriete el lado flojo.',
        ],
        'plate' => [
            'says' => 'La placa está recta con el conjunto en línea',
            'remedy' => 'Si la placa quedó girada al desenganchar en ángulo: afloje un lado, o mueva el vehículo despacio para devolverla.',
        ],
        'cone' => ['says' => 'Cono de fricción limpio, su muelle sin gastar', 'remedy' => 'Manténgalo según su ficha técnica.'],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            'Ponga los soportes de las cadenas a la distancia de la ficha técnica desde el centro de la bola, igual en ambos lados.',
            'Las dos cadenas van rectas, con la placa en línea.',
        ]],
        'bars-up' => [
            'steps' => [
                'Suba el gato hasta que las cadenas estén flojas, ponga la placa con su pasador y baje el gato: eso las tensa.',
                'Gire las tuercas solo para cambiar el ajuste: con las cadenas flojas y el remolque sobre tacos, por hilos contados, igual en ambos lados.',
                'Ruede adelante y atrás, y mida los dos guardabarros.',
                'Cambie una cosa y mida otra vez.',
            ],
            'caution' => 'Dedos lejos: una cadena tensada guarda mucha energía. Nunca bajo un remolque sostenido por su gato: se apoya en tacos, con las ruedas calzadas.',
        ],
    ],
    'bars_on' => [
        'raise' => [
            'does' => 'Levante con el gato vehículo y remolque juntos hasta que las cadenas estén flojas.',
            'why' => 'Acoplado, el gato levanta los dos extremos: las cadenas pierden su tensión.',
            'caution' => 'Freno del conductor puesto. Nadie bajo la lanza mientras la sostiene el gato.',
        ],
        'stretch' => [
            'does' => 'Estire las dos cadenas hacia delante, sin torcer, hacia la bola.',
            'why' => 'Una cadena torcida queda corta y tira de la placa hacia un lado.',
        ],
        'plate_on' => [
            'does' => 'Ponga la placa bajo la bola y meta el pasador. Un mazo blando ayuda.',
            'why' => 'El pasador aguanta el tiro de las dos cadenas.',
            'caution' => 'Dedos lejos de entre placa y bola. Nadie bajo la lanza mientras la sostiene el gato.',
        ],
        'lower' => [
            'does' => 'Baje el gato: el peso del conjunto tensa las cadenas.',
            'why' => 'No se gira nada: los hilos marcados dan la misma tensión cada vez.',
            'caution' => 'Dedos y pies lejos: una cadena tensada guarda mucha energía.',
        ],
    ],
    'bars_off' => [
        'raise' => [
            'does' => 'Levante con el gato vehículo y remolque juntos hasta que las cadenas estén flojas.',
            'why' => 'Un pasador con tensión no sale, o sale con dificultad.',
            'caution' => 'Freno del conductor puesto. Nadie bajo la lanza mientras la sostiene el gato.',
        ],
        'pull_pin' => [
            'does' => 'Saque el pasador de debajo de la bola y baje la placa.',
            'caution' => 'Dedos lejos de entre placa y bola. Nadie bajo la lanza mientras la sostiene el gato.',
        ],
        'weight_back' => [
            'does' => 'Baje el gato hasta que el peso vuelva a la bola, antes de abrir el cierre.',
            'why' => 'Si no, el gato mantiene separados bola y acoplador, y saltan al abrir el cierre.',
            'caution' => 'Primero el peso en la bola, luego el cierre.',
        ],
    ],
    'change' => [
        'raise' => [
            'does' => 'Levante con el gato vehículo y remolque juntos hasta que las cadenas estén flojas.',
            'why' => 'Las tuercas se giran solo con las cadenas flojas.',
            'caution' => 'Freno del conductor puesto. Nadie bajo la lanza mientras la sostiene el gato.',
        ],
        'blocks' => [
            'does' => 'Ponga el remolque sobre tacos bajo su chasis y bájelo sobre ellos. Calce sus ruedas.',
            'why' => 'Alguien se tumba debajo para llegar a las tuercas.',
            'caution' => 'Nunca bajo un remolque sostenido por su gato: lo llevan los tacos, con las ruedas calzadas.',
        ],
        'turn_nuts' => [
            'does' => 'Gire las tuercas de ambos lados los mismos hilos contados: hacia dentro más tensión, hacia fuera menos.',
            'why' => 'Cadenas desiguales giran el remolque.',
            'caution' => 'Mire otra vez los tacos antes de tumbarse.',
        ],
        'count' => [
            'does' => 'Cuente los hilos en ambos lados, desde la cara de la tuerca, y márquelos.',
        ],
        'blocks_out' => [
            'does' => 'Salga de debajo. Levántelo de los tacos con el gato y retírelos.',
        ],
    ],
    'little' => 'Las cadenas de tensión mueven poca carga, por su naturaleza: en el hilo más apretado se recupera cerca del :share de la carga del eje delantero. Su fuerza es el control de coleo. La recuperarían, con control de coleo propio: :others.',
    'grease' => 'Bola. Sin grasa en el cono.',
    'wear' => 'Cadenas, tuercas y roscas, el cono y su muelle, pasador del acoplador.',
    // What its people say where others say bars.
    'terms' => ['barras de torsión' => 'cadenas', 'barra de torsión' => 'cadena', 'barras' => 'cadenas', 'barra' => 'cadena'],
    // Whole texts that it says otherwise.
    'instead' => [
        'bars.not_of_use' => 'En este enganche no hay nada que medir.',
        'gap.not_of_use' => 'En este enganche no hay nada que medir.',
        'move.cannot' => 'Déjelo en sus hilos marcados: ningún ajuste de este enganche llega al margen.',
        'move.because.too_weak' => 'Incluso el hilo más apretado recupera solo cerca del :share %: las cadenas de tensión mueven poca carga, por su naturaleza. Otro tipo de enganche, o menos peso en la lanza, llegaría al margen.',
        'move.because.nearest_allowed_share' => 'Las cadenas de tensión mueven poca carga, por su naturaleza: ningún hilo llega al margen. Este es el más cercano: cerca del :share % recuperado.',
        'term.middle_setting' => 'En el hilo central se supone que las cadenas se estiran',
        'screen.advice_page.bends' => 'cuánto estira las cadenas',
        'finding.slack_bars.what' => 'Cadenas flojas',
        'finding.slack_bars.means' => 'No llevan nada, y el cono pierde su agarre.',
        'finding.slack_bars.remedy' => 'Más hilos, igual en ambos lados.',
        'finding.bent_by' => 'cadenas estiradas :bend :doubt',
        'finding.evidence.bars' => 'Indicio: el estirado de las cadenas que encaja con todas las lecturas. Mire las cadenas.',
        'specification.hitch.fields.pitch_mm.label' => 'Un hilo de rosca',
        'specification.hitch.fields.steps.label' => 'Hilos de rosca',
        'specification.hitch.fields.start_step.label' => 'Hilo de partida',
    ],
    'suits' => [
        'reversing' => 'No hay que quitar nada antes de dar marcha atrás.',
        'tailgate' => 'Nada sobresale por encima del cabezal.',
        'obstructions' => 'Poco va sobre el chasis.',
        'quiet' => 'Silencioso en los giros.',
        'sway_control' => 'Un cono de fricción que giran las cadenas resiste el coleo.',
    ],
];
