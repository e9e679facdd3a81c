<?php

declare(strict_types=1);

// Air springs and self-levelling, with bars off and on.
return [
    'title' => 'Aire y nivelación: cuatro posturas',
    'lifter' => ['air' => 'aire', 'levelling' => 'nivelación'],
    'dropped' => 'Sin barras',
    'dropped_lifted' => 'Sin barras, :lifter conectado',
    'carried' => 'Con barras',
    'carried_lifted' => 'Con barras, :lifter conectado',
    'why' => 'Sin barras, el eje delantero lleva :front menos que solo, antes y después de :lifter: subir la parte trasera :lifted no mueve carga, porque la bola sigue empujando donde empujaba. Con barras, la subida las afloja :let_go: el eje delantero pierde :front_loses, el trasero gana :rear_gains, y :now recuperado pasa a ser :then.',
    'changes' => 'Las cargas son cambios desde solo; las del remolque, desde nivelado sobre su gato.',
    'weighed' => 'pesado :loads',
    'was_it_up' => '¿Estaba :lifter conectado cuando se pesó :stance? La báscula da :scale recuperado, las demás lecturas :others; con :lifter conectado sería cerca de :lifted.',
    'mark' => 'Sí, estaba conectado',
    'condition' => [
        'air_up' => 'Aire arriba',
        'levelling_on' => 'Nivelación conectada',
        'driver_out' => 'Conductor fuera',
        'other_setting' => 'Otro ajuste',
    ],
    'conditions' => 'En esta pesada',
    'aside' => 'Los tiques con una condición se comparan aquí y no cuentan para el veredicto.',
];
