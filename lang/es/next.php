<?php

declare(strict_types=1);

// Lo único que toca hacer ahora, y lo que cuesta dejarlo.
return [
    'alone' => 'Ahora: mida el vehículo solo.',
    'head' => 'Ahora: cabezal. Ponga la altura de la bola antes de acoplar.',
    'brackets' => 'Ahora: soportes, y mida las barras si quiere un primer ajuste más fino.',
    'dropped' => 'Ahora: acople, sin barras, y mida sin barras.',
    'tension_off' => 'Ahora: quite la tensión y mida sin barras, después solo. Un solo estado no dice nada de la carga: los muelles ceden como quieren, y el ojo que compara delante con detrás se engaña.',
    'hook_up' => 'Ahora: tense las barras y mida con barras.',
    'hook_up_at' => 'Ahora: tense en :setting y mida con barras.',
    'carried' => 'Ahora: mida con barras.',
    'carried_at' => 'Ahora: mida con barras en :setting.',
    'move' => 'Ahora: :move',
    'prove' => 'Ahora: compruebe nivel y límites.',
    'sway' => 'Ahora: control de balanceo.',
    'checks' => 'Ahora: comprobaciones de enganche.',
    'road' => 'Ahora: prueba en carretera.',
    'hand_over' => 'Ahora: entregue.',
    'nothing' => '',
    'go' => 'Ahora: :station',
    'again' => 'Vale un minuto mientras el remolque está suelto: mida solo otra vez.',
    'skip' => [
        'to' => 'Saltar a :station',
        'head' => 'Sin ello la bola cuenta como a nivel con el acoplador.',
        'brackets' => 'Sin ello se supone el largo de las barras, y el primer ajuste es menos seguro.',
        'prove' => 'Sin ello nada dice si el remolque va a nivel y dentro de sus límites.',
        'sway' => 'Sin ello el control de balanceo queda como estaba.',
        'checks' => 'Sin ello nadie ha mirado pasadores, cadenas y luces.',
        'road' => 'Sin ello nadie sabe cómo rueda.',
    ],
];
