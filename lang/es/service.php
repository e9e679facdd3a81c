<?php

declare(strict_types=1);

// Maintenance: what is done again and again, what an owner checks, what a wrench found.
return [
    'task' => [
        'retorque' => ['what' => 'Par de apriete otra vez después del primer viaje', 'how' => 'Tuerca de la bola, cabezal y soportes, según la ficha técnica, con llave. Demasiado apretado es tan malo como flojo.'],
        'torque' => ['what' => 'Par de apriete, cada temporada', 'how' => 'Tuerca de la bola, cabezal y soportes, según la ficha técnica, con llave. Demasiado apretado es tan malo como flojo.'],
        'grease' => ['what' => 'Grasa', 'how' => 'Bola y alojamientos del cabezal; ninguna en las caras de fricción.'],
        'wear' => ['what' => 'Revisar el desgaste', 'how' => 'Todo lo que roza, pasadores, grapas, cadenas de seguridad.', 'and' => 'Muelles traseros vencidos o que han tocado sus topes.'],
        'service' => ['what' => 'Servicio', 'how' => 'Según la ficha técnica del enganche, en un taller autorizado en caso de duda.'],
    ],
    'line' => ['set-up' => 'Ajustado y entregado', 'distance' => 'Distancia leída', 'note' => 'Nota'],
    'note_too_long' => 'Se esperaba una nota de :most letras como mucho.',
    'due' => ['overdue' => 'atrasado', 'due_soon' => 'toca pronto', 'not_yet' => 'todavía no toca'],
    'recheck' => [
        'torque' => ['what' => 'Par de apriete de tuerca de la bola, cabezal y soportes', 'when' => 'después del primer viaje, a la distancia de la ficha técnica; luego cada temporada', 'when_at' => 'después del primer viaje, a los :distance como dice la ficha técnica; luego cada temporada'],
        'pins' => ['what' => 'Pasadores, grapas, cadenas de seguridad, cable de rotura', 'when' => 'cada enganche'],
        'tyre_pressures' => ['what' => 'Presiones de neumáticos, en frío', 'when' => 'cada viaje'],
        'grease' => ['what' => 'Grasa en la bola y los alojamientos del cabezal, ninguna en las caras de fricción', 'when' => 'como dice la ficha técnica, al menos cada temporada'],
        'wear' => ['what' => 'Todo lo que roza, por desgaste', 'when' => 'cada temporada'],
        'whole_set_up' => ['what' => 'El ajuste entero', 'when' => 'cuando cambien vehículo, neumáticos, suspensión o la carga del remolque'],
    ],
    'by_the_data_sheet' => ['what' => 'Servicio del enganche, según su ficha técnica', 'when' => 'cada :interval', 'when_first' => 'cada :interval, lo que llegue antes'],
    'torque' => [
        'loose' => 'Flojo: :wrench, la ficha técnica pide :sheet. Apriételo con la llave.',
        'over_tight' => 'Demasiado apretado, tan malo como flojo: :wrench, la ficha técnica pide :sheet. Aflójelo, revise perno y rosca, y apriételo otra vez.',
    ],
];
