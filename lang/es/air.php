<?php

declare(strict_types=1);

// Air springs and self-levelling, with bars off and on.
return [
    'title' => 'Aire y nivelación: cuatro posturas',
    'lifter' => ['air' => 'aire', 'levelling' => 'nivelación'],
    'dropped' => 'Sin barras',
    'dropped_lifted' => 'Sin barras, con :lifter en marcha',
    'carried' => 'Con barras',
    'carried_lifted' => 'Con barras, con :lifter en marcha',
    'why' => 'Sin barras, el eje delantero lleva :front menos que solo, antes y después de :lifter: subir la parte trasera :lifted no mueve carga, porque la bola sigue empujando donde empujaba. Con barras, la subida las afloja :let_go: el eje delantero pierde :front_loses, el trasero gana :rear_gains, y :now recuperado pasa a ser :then.',
    'changes' => 'Las cargas son cambios desde solo; las del remolque, desde nivelado sobre su gato.',
    'weighed' => 'pesado :loads',
    'was_it_up' => '¿Se pesó :stance con :lifter en marcha? La báscula da :scale recuperado, las demás lecturas :others; con :lifter en marcha sería cerca de :lifted.',
    'mark' => 'Sí, estaba en marcha',
    'condition' => [
        'air_up' => 'Aire arriba',
        'levelling_on' => 'Nivelación conectada',
        'driver_out' => 'Conductor fuera',
        'other_setting' => 'Otro ajuste',
    ],
    'conditions' => 'En esta pesada',
    'aside' => 'Los tiques con una condición se comparan aquí. Uno pesado cargado con :lifter en marcha, y nada más distinto, dice lo que queda en carretera; los demás no cuentan para el veredicto.',
    'believes' => 'Pesado, :lifter quita un :lost de lo devuelto; el modelo dice un :foretold. Cuenta lo pesado: la báscula lee lo que hacen estos muelles, el modelo solo lo supone.',
    'no_rate' => 'Nadie dio la dureza ni la elevación de :lifter: la tabla es lo que se pesó.',
];
