<?php

declare(strict_types=1);

return [
    'as_weighed' => 'Como se pesó',
    'lifter' => ['levelling' => 'Autonivelación', 'air' => 'Muelles de aire auxiliares'],
    'when_over' => ['levelling' => 'Cuando actúa la autonivelación', 'air' => 'Cuando actúan los muelles de aire auxiliares'],
    'nothing_yet' => 'Todavía no hay nada enganchado y medido. El cambio pequeño se muestra tras la primera prueba.',
    'beyond_small_steps' => 'Ningún paso pequeño lleva esta carga al margen: ajústelo de nuevo, con arandelas y cabezal.',
    'tank_at' => ':tank :percent %',
    'tank_change' => ':tank :percent %',
    'tank_effect' => ':tanks: el peso en la lanza cambió :measured ± :doubt, calculado :computed.',
    'apart' => 'Se aparta de todas las demás: se guarda, y la curva va sin ella. Léala otra vez.',
    'at_odds' => ':one y :other se leyeron a la misma altura con el mismo instrumento: difieren más que cuando lee dos veces. Lea otra vez y borre la que no sirve.',
    'meets' => [
        'heading' => 'Dónde la curva encuentra',
        'least' => '10 % del bruto',
        'most' => '15 % del bruto',
        'at' => ':what (:load): acoplador a :height :doubt',
        'mark' => ':what (:load)',
        'nowhere' => 'a ninguna altura a la que está un acoplador: :marks',
    ],
    'tank_agrees' => 'Coinciden.',
    'tank_differs' => 'No coinciden: compruebe tamaños y lugares de los depósitos en las especificaciones.',
    'tank_elsewhere' => 'No coinciden: según esta medición el depósito está :ahead por delante de los ejes (detrás va por debajo de 0). Compruebe su tamaño y lugar en las especificaciones.',
    'tank' => ['fresh' => 'depósito de agua limpia', 'waste' => 'depósito de aguas residuales'],
    'usual' => [
        'person_in_front' => 'persona delante',
        'person_behind' => 'persona detrás',
        'bed_cargo' => 'carga de la caja o del maletero',
        'bikes_on_vehicle' => 'bicicletas detrás del vehículo',
        'gas_bottles' => 'bombonas de gas',
        'bikes_on_tongue' => 'bicicletas sobre la lanza',
        'stores' => 'provisiones sobre los ejes',
        'bikes_on_trailer' => 'bicicletas detrás del remolque',
    ],
    'share' => [
        'too_little' => 'Por debajo del 10 % del bruto un remolque favorece el coleo: mueva carga por delante de los ejes, o quítela de la cola.',
        'usual' => 'Entre el 10 y el 15 % del bruto, como es habitual.',
        'much' => 'Por encima del 15 % del bruto, el receptor, el eje trasero y las barras llegan pronto a sus límites: mueva carga hacia atrás, hacia los ejes.',
    ],
    'on_the_road' => ':lifter baja la parte recuperada cerca de :lost una vez conectado para la carretera: antes busque de :from a :to.',
    'fenders_mean_nothing' => 'Con eso conectado, las alturas de guardabarros no significan nada; solo las básculas.',
];
