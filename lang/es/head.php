<?php

declare(strict_types=1);

return [
    'advised' => 'Ponga la bola :height por encima del acoplador nivelado (:doubt), para que el remolque acabe nivelado en el centro del margen.',
    'planned' => 'Ponga la bola :height por encima del acoplador nivelado: lo más cerca que admite la ficha técnica del enganche.',
    'outside' => 'Para un remolque nivelado el modelo pide :height, fuera de lo que admite la ficha técnica, que manda. Planificado así, el remolque acaba :angle :stands. Para elegir otra cosa, anote otro agujero y diga por qué.',
    'now' => [
        'heading' => 'Acoplador y bola',
        'over' => 'La bola está ahora a :height del suelo: :off por encima del acoplador nivelado.',
        'under' => 'La bola está ahora a :height del suelo: :off por debajo del acoplador nivelado.',
        'level' => 'La bola está ahora a :height del suelo: a la altura del acoplador.',
        'tape_counts' => 'Medida después, la bola está a :taped; el agujero anotado debería llevarla a :hole. Difieren en :off. Cuenta la cinta: mire si el cabezal está en otro agujero, o si la bola o el suelo se midieron en otro sitio.',
        'hole_counts' => 'Medida antes de atornillar el cabezal, la bola estaba a :taped; el agujero anotado después la lleva a :hole, a :off de allí. Cuenta el agujero hasta que la bola se mida otra vez: guarde su altura de nuevo.',
        'save' => 'Guardar del :part',
        'save_short' => 'Guardar',
    ],
    'nose_down' => 'morro bajo',
    'nose_up' => 'morro alto',
    'place' => [
        'drop' => 'En bajada, agujero :hole',
        'rise' => 'En subida, agujero :hole',
    ],
    'turned' => [
        'drop' => 'bajada',
        'rise' => 'subida',
    ],
    'in_the_way' => [
        'tailgate' => 'El portón abierto toca el cabezal: se abre solo desacoplado, o no se abre.',
        'underside' => 'El cabezal llega al parachoques o a la rueda de repuesto: compruebe los bajos antes de atornillarlo.',
        'ball_below_coupler' => 'La bola queda por debajo del acoplador nivelado: un compromiso, que hay que decir.',
    ],
    'school' => [
        'data_sheet' => 'Ficha técnica del enganche, que manda',
        'by_tongue_weight' => 'Por peso en la lanza',
        'level' => 'Nivelada con el acoplador',
        'a_little_over' => 'Un poco por encima del acoplador',
        'over' => 'Por encima del acoplador',
        'well_over' => 'Muy por encima del acoplador',
    ],
];
