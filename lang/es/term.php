<?php

declare(strict_types=1);

return [
    'middle_setting' => 'Se supone que el ajuste central flexiona las barras',
    'adjuster' => ':adjuster, desde su centro',
    'restored' => 'Carga del eje delantero recuperada',
    'doubt' => 'Duda por :parameter, ±',
    'parameter' => [
        'front_rate' => 'muelles delanteros', 'rear_rate' => 'muelles traseros', 'tongue_weight' => 'peso en la lanza', 'trailer_rate' => 'muelles del remolque', 'cg_height' => 'centro de gravedad', 'bar_rate' => 'rigidez de las barras', 'tension' => 'tensión que nadie midió',
        'ball_over_coupler' => 'altura de la bola', 'wheelbase' => 'distancia entre ejes', 'overhang' => 'voladizo', 'ball_to_axle' => 'longitud de bola a eje', 'bar_arm' => 'brazo de las barras', 'gross_weight' => 'peso bruto',
    ],
    'ball' => [
        'tongue_weight' => 'Peso en la lanza, nivelado y sin barras',
        'bars' => 'Barras, en el punto de enganche, que recuperan el :share % de la carga del eje delantero',
        'load' => 'Carga que el remolque deja en el vehículo',
        'rear_gains' => 'El eje trasero gana',
        'rear_sinks' => 'Muelles traseros de :rate bajan',
        'front_rises' => 'Muelles delanteros de :rate suben',
        'ball_sinks' => 'La bola, detrás del eje trasero, baja',
        'axles_sink' => 'Los ejes del remolque, cargados por las barras, bajan',
        'over_coupler' => 'Bola sobre acoplador de partida: la diferencia',
    ],
    'height' => [
        'tongue_weight_on_front' => 'El peso en la lanza cambia el eje delantero en',
        'tongue_weight_on_rear' => 'El peso en la lanza cambia el eje trasero en',
        'bars' => 'Las barras lo cambian en',
        'fender_rises' => 'Sobre muelles de :rate el guardabarros sube',
    ],
    'shank' => [
        'receiver' => 'Receptor sobre el suelo',
        'first_hole_drop' => 'De ahí a su primer agujero, en bajada',
        'first_hole_rise' => 'De ahí a su primer agujero, en subida',
        'holes_on' => ':holes agujeros más allá',
    ],
    'clearance' => [
        'frame' => 'Chasis en las barras, remolque nivelado',
        'rises' => 'Con barras, ahí sube',
        'bar_hangs' => 'Menos lo que la barra cuelga por debajo',
    ],
    'rating' => [
        'all_bars' => 'Todas las barras (:bars), en el punto de enganche',
        'gross' => 'Peso bruto del remolque',
        'less_on_vehicle' => 'Menos lo que deja en el vehículo',
        'all_axles' => 'Todos los ejes del remolque',
        'front_axle' => 'Eje delantero',
        'rear_axle' => 'Eje trasero',
        'vehicle_alone' => 'Vehículo solo',
        'trailer' => 'Remolque',
        'alone' => 'Solo, según se pesó',
        'tongue_weight' => 'Cambio por el peso en la lanza',
        'bars' => 'Cambio por las barras',
        'aboard' => 'Personas, carga y enganche',
        'trailer_leaves' => 'El remolque deja',
        'its_axle' => 'Su eje',
    ],
    'take_back' => [
        'off' => [
            'rear' => 'Guardabarros trasero desde solo, apagado o en su mínimo',
            'bars' => 'Barras en el punto de enganche, apagado o en su mínimo',
            'restored' => 'Carga del eje delantero recuperada, apagado o en su mínimo',
        ],
        'on' => [
            'rear' => 'Guardabarros trasero desde solo, conectado otra vez',
            'bars' => 'Barras en el punto de enganche, conectado otra vez',
            'restored' => 'Carga del eje delantero recuperada, conectado otra vez',
        ],
    ],
];
