<?php

declare(strict_types=1);

// What the HTTP interface says, and what its tokens may do.
return [
    'expected_fewer' => 'Se esperaban como máximo :most claves de una persona. Anule una que ya no haga falta.',
    'unauthenticated' => 'Se esperaba un token en la cabecera Authorization: Bearer yoke_…',
    'forbidden' => 'Este token no tiene el permiso :right.',
    'invalid' => 'Algo no se puede leer. No se guardó nada: vea los campos.',
    'conflict' => 'Alguien guardó allí otra lectura mientras tanto. No se perdió nada: vea los campos.',
    'not_found' => 'No hay nada en esta dirección.',
    'too_many' => 'Demasiadas peticiones. Inténtelo de nuevo tras los segundos de Retry-After.',
    'failed' => 'El servidor no pudo hacerlo.',
    'method' => 'Esta dirección no admite ese método.',
    'expected_stance' => 'Se esperaba una postura: alone, dropped o carried.',
    'expected_key' => 'Se esperaba una clave de 1 a 100 caracteres simples sin espacios.',
    'expected_same_body' => 'Esta clave ya llegó con otro contenido. Se esperaba otra clave para otro envío.',
    'expected_measure' => 'Se esperaba al menos uno de: :kinds.',
    'expected_height' => 'Se esperaba una altura: front, rear, o una por cada lado, como 954 mm o 37 1/2 in.',
    'expected_step' => 'Se esperaba el paso del visor en kilogramos, mayor que 0 y como mucho 100.',
    'expected_name' => 'Se esperaba un nombre de 1 a 80 caracteres.',
    'expected_right' => 'Se esperaba al menos un permiso.',
    'right' => [
        'jobs:read' => 'Leer trabajos y tarjetas',
        'rigs:read' => 'Leer conjuntos',
        'readings:write' => 'Enviar lecturas',
    ],
];
