<?php

declare(strict_types=1);

return [
    'heading' => 'A ojo',
    'how' => 'Un toque cada uno, como se ve desde al lado del conjunto. Cuenta, con una duda amplia. Toque otra vez para retirarlo.',
    'bars_seen' => 'Barras',
    'trailer_seen' => 'Remolque, con burbuja o a ojo',
    'rear_seen' => 'Trasera del vehículo',
    'headlights_seen' => 'Faros en una pared, respecto a solo',
    'seen' => [
        'straight' => 'Rectas',
        'slightly_bent' => 'Algo dobladas',
        'well_bent' => 'Bien dobladas',
        'nose_well_down' => 'Morro muy bajo',
        'nose_down' => 'Morro algo bajo',
        'level' => 'Nivelado',
        'nose_up' => 'Morro algo alto',
        'nose_well_up' => 'Morro muy alto',
        'as_alone' => 'Como solo',
        'sags' => 'Más baja a la vista',
        'sags_far' => 'Mucho más baja',
        'beam_lower' => 'Más bajos',
        'beam_same' => 'De vuelta en su marca',
        'beam_higher' => 'Más altos',
    ],
    'contradicted' => ':Seen: todas las demás lecturas dicen otra cosa (:expected). Mire otra vez; se guardan ambas.',
    'expected' => ['bend' => 'barras dobladas unos :length', 'level' => 'remolque casi nivelado', 'nose_up' => 'remolque unos :degrees° morro alto', 'nose_down' => 'remolque unos :degrees° morro bajo', 'pitch' => 'trasera unos :length más baja que solo'],
    'frame' => ['one' => 'Espera la altura del otro extremo.', 'up' => 'El extremo delantero está :length más alto: morro alto.', 'down' => 'El extremo delantero está :length más bajo: morro bajo.', 'level' => 'Ambos extremos a la misma altura: nivelado.'],
];
