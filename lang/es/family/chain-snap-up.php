<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'cadena y soporte basculante',
    'steps' => [
        'link' => ['one' => 'eslabón', 'many' => 'eslabones'],
        'washer' => ['one' => 'arandela', 'many' => 'arandelas'],
        'head' => ['one' => 'agujero', 'many' => 'agujeros'],
    ],
    'sway' => 'ninguno, o una barra de fricción aparte',
    'sway_checks' => [
        'chains' => [
            'says' => 'Las cadenas cuelgan a escuadra y sin torcer, con los mismos eslabones en ambos lados',
            'remedy' => 'Cuente los eslabones desde el mismo extremo en ambos lados; destuerza antes de enganchar.',
        ],
        'friction_bar' => [
            'says' => 'La barra de fricción aparte, donde la haya, está puesta, limpia y con la tensión de su ficha técnica',
            'remedy' => 'Limpie sus caras y ponga su palanca como dice la ficha técnica. Aflójela o quítela antes de dar marcha atrás y en calzada resbaladiza, según la ficha técnica.',
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
            'does' => 'Meta las barras en el cabezal y enganche cada cadena en el eslabón marcado, sin torcer.',
            'why' => 'Una cadena torcida es un eslabón más corta.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
        'snap_up' => [
            'does' => 'Bascule los soportes hacia arriba con la palanca y ponga sus pasadores.',
            'why' => 'El soporte sin pasador salta con fuerza.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
    ],
    'bars_off' => [
        'let_down' => [
            'does' => 'Saque los pasadores y baje cada soporte con la palanca.',
            'why' => 'El soporte salta con fuerza.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
        'unhook' => ['does' => 'Desenganche las cadenas y saque las barras del cabezal.'],
    ],
    'change' => [
        'move' => [
            'does' => 'Pase las dos cadenas al nuevo eslabón, contado desde el mismo extremo, sin torcer.',
            'why' => 'Una cadena torcida es un eslabón más corta. Medio eslabón se ajusta con el perno entre dos eslabones.',
            'caution' => 'Dedos lejos de barras y cadenas: guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
        ],
    ],
    'grease' => 'Bola, alojamientos del cabezal.',
    'wear' => 'Cadenas, soportes basculantes y sus pasadores, grapas, pasador del acoplador; las caras de una barra de fricción aparte.',
    // Whole texts that it says otherwise.
    'instead' => [
        'specification.hitch.fields.pitch_mm.label' => 'Un eslabón',
        'specification.hitch.fields.steps.label' => 'Eslabones de la cadena',
        'specification.hitch.fields.start_step.label' => 'Eslabón de partida',
        'specification.hitch.fields.tilt_deg.label' => 'Una arandela, grados',
        'specification.hitch.fields.tilt_steps.label' => 'Arandelas',
    ],
    'suits' => [
        'reversing' => 'Las barras pueden quedarse puestas donde la ficha técnica lo permita; antes se quita la barra de fricción aparte.',
        'tailgate' => 'Nada sobresale por encima del cabezal.',
        'obstructions' => 'Sus soportes van a una sola distancia y se mueven solo dentro de lo que admite la ficha técnica.',
        'quiet' => 'Cuelga de cadenas: silencioso en los giros.',
        'sway_control' => 'Sin control de coleo propio: necesita una barra de fricción aparte.',
    ],
];
