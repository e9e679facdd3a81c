<?php

declare(strict_types=1);

// A ball and nothing else.
return [
    'name' => 'bola simple, sin reparto de peso',
    'steps' => [
        'head' => ['one' => 'agujero', 'many' => 'agujeros'],
    ],
    'sway' => 'ninguno, o una barra de fricción aparte',
    'sway_checks' => [
        'friction_bar' => [
            'says' => 'La barra de fricción aparte, donde la haya, está puesta, limpia y con la tensión de su ficha técnica',
            'remedy' => 'Limpie sus caras y ponga su palanca como dice la ficha técnica. Aflójela o quítela antes de dar marcha atrás y en calzada resbaladiza, según la ficha técnica.',
        ],
    ],
    'stations' => [
        'head' => ['steps' => [
            'Compruebe que la bola es de la medida del acoplador y que su límite cubre el peso bruto del remolque.',
            'Elija una altura de bola con la que el remolque quede nivelado al acoplarlo. Compruebe la holgura con el portón y los bajos.',
        ]],
        'dropped' => ['steps' => [
            'Acople, cierre y ponga el pasador. Suba el gato del todo.',
            'Ruede adelante y atrás para asentar los muelles.',
            'Mida otra vez los dos guardabarros: el delantero sube, el trasero baja.',
        ]],
        'bars-up' => ['caution' => 'Nunca por encima de un límite: con bola simple, el eje trasero y el receptor llevan todo el peso en la lanza.'],
        'prove' => ['steps' => [
            'Vehículo: eje trasero, neumáticos y receptor dentro de sus límites. Remolque: nivelado o un poco morro bajo, nunca morro alto.',
            'Decide la báscula, donde la haya.',
        ], 'caution' => 'Nada por encima de un límite. Un eje delantero ligero dirige y frena menos.'],
    ],
    'grease' => 'Bola.',
    'wear' => 'Bola, acoplador, pasador del acoplador, cadenas de seguridad; las caras de una barra de fricción aparte.',
    // Whole texts that it says otherwise.
    'instead' => [
        'page/loads.columns.the_planner_needs_a_hitch' => 'Con bola simple no hay ajuste que planificar: la parte en la lanza, los ejes y los límites siguen a la carga.',
        'verdict.heading' => 'Reparto de peso',
    ],
];
