<?php

declare(strict_types=1);

return [
    'others' => 'Otras lecturas y sensores',
    'from_alone' => 'Desde solo, al :step más cercano',
    'worth_more' => 'Cuenta más en cuanto :part tenga: :field.',
    'check' => 'Compruebe :which (:chance de que esté mal). Todas las demás lecturas dicen cerca de :expected; esta dice :read. :error',
    'check_count' => 'Cuente otra vez el ajuste de la prueba :hook_up, en ambos lados: :chance de que tenga un paso más o menos de lo anotado.',
    'check_told' => 'Compruebe el peso en la lanza: :chance de que no sea el que se dijo.',
    'told_tongue_weight' => 'el peso en la lanza, según se dijo',
    'counted' => 'el ajuste de la prueba :hook_up, según se contó',
    'height' => 'el guardabarros, eje :axle, :stance',
    'load' => ':axle en la báscula, :stance',
    'stance' => ['alone' => 'solo', 'dropped' => 'sin barras', 'carried' => 'con barras (prueba :hook_up)'],
    'observed' => [
        'FrontHeight' => 'el guardabarros delantero', 'RearHeight' => 'el guardabarros trasero', 'CouplerRise' => 'la altura del acoplador', 'NoseRise' => 'el ángulo del remolque', 'VehicleRise' => 'el ángulo del vehículo', 'BallLoad' => 'el medidor del cabezal',
        'FrontLoad' => 'el eje delantero en la báscula', 'RearLoad' => 'el eje trasero en la báscula', 'TrailerLoad' => 'los ejes del remolque en la báscula',
        'VehicleLoad' => 'el vehículo en la báscula', 'RearAndTrailerLoad' => 'los ejes trasero y del remolque en la báscula', 'TongueWeight' => 'el peso en la lanza', 'BarBend' => 'la distancia de la barra',
        'BendSeen' => 'las barras, a ojo', 'NoseSeen' => 'el remolque, a ojo', 'PitchSeen' => 'la trasera del vehículo, a ojo',
    ],
    'error' => [
        'eighth_inch' => 'Quizá se leyó mal un octavo de pulgada.',
        'quarter_inch' => 'Quizá se leyó mal un cuarto de pulgada.',
        'ten_millimetres' => 'Quizá se leyeron mal diez milímetros.',
        'half_inch' => 'Quizá se leyó mal media pulgada.',
        'whole_inch' => 'Quizá se leyó mal una pulgada entera.',
        'unsettled' => 'Quizá los muelles no se habían asentado, o el gato seguía abajo.',
        'digits_swapped' => 'Quizá se cambiaron dos cifras.',
        'axles_swapped' => 'Quizá se cambiaron dos ejes.',
        'hundred_off' => 'Quizá hay 100 de diferencia.',
        'thousand_off' => 'Quizá hay 1.000 de diferencia.',
        'other_unit' => 'Quizá se mezclaron libras y kilogramos.',
        'load' => 'Mire otra vez el tique, y quién y qué iba a bordo.',
        'aboard' => 'Quizá había alguien en la cabina, o las ruedas estaban en otro suelo.',
        'one_step' => 'Quizá se contó uno de más o de menos.',
        'told_wrong' => 'Quizá se midió con otra carga.',
    ],
    'slip' => [
        'eighth_inch' => 'un octavo de pulgada', 'quarter_inch' => 'un cuarto de pulgada', 'ten_millimetres' => 'diez milímetros', 'half_inch' => 'media pulgada', 'whole_inch' => 'una pulgada entera',
        'unsettled' => 'sin asentar, o el gato todavía abajo', 'digits_swapped' => 'cifras cambiadas', 'axles_swapped' => 'ejes cambiados', 'hundred_off' => '100 de diferencia', 'thousand_off' => '1000 de diferencia', 'other_unit' => 'libras por kilogramos', 'load' => 'una carga equivocada',
        'aboard' => 'alguien en la cabina, u otro suelo', 'one_step' => 'un eslabón', 'told_wrong' => 'mal dicho',
        'high' => ' de más', 'low' => ' de menos',
    ],
];
