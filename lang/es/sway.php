<?php

declare(strict_types=1);

return [
    'cams' => [
        'title' => 'Levas bajo la cresta',
        'lead' => 'Conjunto recto, con barras, rodado unos largos adelante. Mida ambas desde el centro de la bola, en un lado y después en el otro.',
        'centred' => 'centradas',
        'forward' => ':by demasiado adelante',
        'back' => ':by demasiado atrás',
        'move_forward' => 'Mueva los dos soportes de leva :by alejándolos de la bola, igual en ambos lados.',
        'move_back' => 'Mueva los dos soportes de leva :by hacia la bola, igual en ambos lados.',
        'noise' => 'El ruido en giros cerrados es normal. Engrase las levas muy poco o nada, según la ficha técnica.',
        'together' => 'Tras un cambio de arandelas o del cabezal, centre otra vez las levas: la cresta se mueve con la barra.',
        'picture_centred' => 'La leva bajo la cresta de la barra',
        'picture_forward' => 'La leva por delante de la cresta de la barra',
        'picture_back' => 'La leva por detrás de la cresta de la barra',
        'save' => 'Guardar longitudes',
    ],
    'felt' => ['what' => 'Se notó coleo en la carretera', 'why' => 'En la prueba en carretera del :day, en este ajuste.', 'remedy' => 'Encuentre la causa en lo que sigue antes de remolcarlo otra vez.'],
    'too_little_on_the_tongue' => ['what' => 'Demasiado poco en la lanza', 'why' => 'Hay en ella un :figure % del peso bruto del remolque; lo mínimo es el 10 %.', 'remedy' => 'Mueva carga por delante de los ejes, o quítela de la cola; el planificador de carga dice cuánta.'],
    'nose_up' => ['what' => 'Remolque de morro alto', 'why' => 'Está :figure° morro alto.', 'remedy' => 'Baje el cabezal un agujero y ajuste otra vez la tensión.'],
    'front_light' => ['what' => 'Eje delantero ligero', 'why' => 'Carga del eje delantero recuperada: :figure %; el margen empieza en el :from %.', 'remedy' => 'Más tensión: la próxima acción dice cuánta.'],
    'slack_bars' => ['what' => 'Control de coleo flojo con sus barras', 'why' => 'Las barras se flexionan :length ± :doubt; este control de coleo vive de su carga.', 'remedy' => 'Más tensión, dentro del margen.'],
    'control_outside' => ['what' => 'Control de balanceo fuera de su propio margen', 'why' => 'Peso devuelto al eje delantero: :figure %; su ficha técnica pide de :own_from a :own_to %.', 'remedy' => 'Ajuste la tensión donde coincidan ambos márgenes. Si no coinciden, pregunte al fabricante del control; los límites y el eje delantero van primero.'],
    'cams_too_far_forward' => ['what' => 'Levas fuera de la cresta de las barras', 'why' => 'Están :length demasiado adelante.', 'remedy' => 'Mueva los dos soportes de leva :length alejándolos de la bola, con el conjunto recto y con barras.'],
    'cams_too_far_back' => ['what' => 'Levas fuera de la cresta de las barras', 'why' => 'Están :length demasiado atrás.', 'remedy' => 'Mueva los dos soportes de leva :length hacia la bola, con el conjunto recto y con barras.'],
    'found_otherwise' => ['what' => 'No es así', 'why' => ':checks: al mirar se encontró otra cosa.', 'remedy' => ':remedy'],
    'not_looked_at' => ['what' => 'Sin mirar todavía', 'why' => ':checks.', 'remedy' => 'Mire cada una, y responda.'],
    'worse' => [
        'less_on_the_tongue' => 'Menos en la lanza: :now % del bruto, antes :before %.',
        'nose_higher' => 'El morro está más alto por :by°.',
        'front_lighter' => 'El eje delantero está más ligero: :now % recuperado, antes :before %.',
        'less_friction' => 'Las barras rozan menos, por :by %.',
    ],
    'separate' => 'Las cadenas y las barras no son por sí mismas un control de balanceo: llevan carga, no mantienen nada recto. Este enganche necesita una barra de fricción o un control aparte, según su propia hoja.',
    'threads' => 'Izquierda :left, derecha :right: apriete el lado flojo (:slack) :by, o devuelva el otro, y cuente otra vez.',
    'checks' => [
        'tyres' => [
            'says' => 'Neumáticos de vehículo y remolque a sus presiones, flancos sanos',
            'remedy' => 'Póngalos a su presión en frío. Un neumático flojo deja vagar la cola.',
        ],
        'tail' => [
            'says' => 'Nada pesado en la cola del remolque',
            'remedy' => 'Llévelo a los ejes. El peso en los dos extremos oscila más rato, haya lo que haya en la lanza.',
        ],
    ],
    'on_the_road' => [
        'Suelte el acelerador. Sin frenar fuerte.',
        'Mantenga firme el volante. No contravolantee, y no acelere para enderezarlo.',
        'Donde haya una palanca manual, use solo los frenos del remolque, con suavidad.',
        'Pare donde sea seguro, y encuentre la causa antes de seguir: lanza, morro, eje delantero, neumáticos, velocidad, control de coleo, carga.',
    ],
];
