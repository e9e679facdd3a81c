<?php

declare(strict_types=1);

// What a rig would be handed over without.
return [
    'heading' => 'Queda abierto',
    'over' => 'Por encima de su límite: :parts.',
    'verdict' => 'El eje delantero: :verdict.',
    'unread' => 'El ajuste que está puesto no se ha medido.',
    'setting_unsaid' => 'El ajuste puesto no se anotó.',
    'setting_half' => 'El ajuste puesto: :says.',
    'station' => ':station: sin hacer.',
    'checks' => 'Una comprobación del control de balanceo no tiene respuesta.|:count comprobaciones del control de balanceo no tienen respuesta.',
    'torque' => 'Sin par de apriete: :label.',
    'all_the_same' => 'Entregar de todos modos',
    'hand_over' => 'Entregar',
    'nothing' => 'No queda nada abierto.',
];
