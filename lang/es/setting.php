<?php

declare(strict_types=1);

return [
    'count' => [
        'half' => 'medio :one',
        'one' => '1 :one',
        'many' => ':count :many',
        'and_a_half' => ':count 1/2 :many',
    ],
    'sides_differ' => 'Izquierda y derecha no son iguales: los lados desiguales sacan el remolque de la línea. Póngalos igual, cuente otra vez y mida otra vez.',
    'left' => ':label, izquierda',
    'right' => ':label, derecha',
    'go' => 'pase :change',
    'tighter' => ':count más tenso',
    'looser' => ':count más flojo',
    'raise_head' => 'suba el cabezal :count',
    'lower_head' => 'baje el cabezal :count',
    'head_hole' => 'agujero del cabezal :hole',
    'head_hole_label' => 'Agujero del cabezal',
    'step' => ':one :step',
    'shown_on' => 'Puesto ahora: :setting',
    'shown_tried' => 'Ensayando: :setting',
    'shown_first' => 'Planificado: :setting',
    'close_up' => 'El enganche de cerca, con el lugar en uso marcado',
    'stepper' => [
        'looser' => 'más flojo',
        'tighter' => 'más tenso',
        'lower' => 'más bajo',
        'higher' => 'más alto',
    ],
    'tried_share' => ':share recuperado.',
    'tried_loads' => 'Desde solo: eje delantero :front, trasero :rear; remolque :trailer.',
    'tried_excluded' => 'Nunca se aconseja: :why.',
    'ruled_out' => '{1} 1 ajuste, :why|[2,*] :count ajustes, :why',
    'set_by' => [
        'question' => 'Barras puestas con',
        'jack' => 'gato',
        'lever' => 'palanca',
    ],
    'try' => 'Ensayar en el dibujo',
    'back' => 'Deshacer',
    'record' => 'Anotar esta prueba',
    'record_setting' => 'Anotar el ajuste',
    'try_or_record' => '¿Solo ensayarlo, o anotarlo como puesto en el conjunto?',
    'try_only' => 'Solo ensayar',
    'record_first' => 'Anote esta prueba antes de escribir sus alturas, o deshágalo.',
];
