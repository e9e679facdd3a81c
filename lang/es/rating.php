<?php

declare(strict_types=1);

return [
    'no_way_past' => 'El reparto de peso no es un camino para pasar de un límite: quite carga, o use piezas cuyo límite la cubra.',
    'ball_gross' => 'peso bruto del remolque en la bola',
    'coupler_gross' => 'peso bruto del remolque en el acoplador',
    'coupler_tongue' => 'peso en la lanza en el acoplador',
    'receiver_tongue' => 'peso en la lanza en el receptor',
    'bars_heaviest_tongue' => 'peso en la lanza para las barras',
    'bars_lightest_tongue' => 'peso mínimo en la lanza para estas barras',
    'one_bar' => 'una barra de muelle',
    'trailer' => 'remolque, bruto',
    'trailer_axles' => 'ejes del remolque',
    'one_trailer_axle' => 'eje :axle de :axles del remolque',
    'trailer_tyre' => 'un neumático del remolque',
    'front_axle' => 'eje delantero',
    'rear_axle' => 'eje trasero',
    'front_tyre' => 'un neumático delantero',
    'rear_tyre' => 'un neumático trasero',
    'vehicle' => 'vehículo',
    'combination' => 'combinación',
    'front_against_alone' => 'eje delantero frente a solo',
    'payload' => 'carga útil',
    'in_stance' => ':what, :stance',
    'over' => 'Por encima de su límite: :what, lleva :carries de :may.',
    'more_than_alone' => 'Más que solo: :what, :carries de :may.',
    'caution' => 'Fuera del límite con las barras quitadas: :what, lleva :carries de :may. Con ellas puestas se juzga de nuevo.',
    'state' => ['over' => 'por encima', 'below' => 'por debajo de su margen', 'caution' => 'aviso', 'alone' => 'más que solo'],
    'below' => 'Por debajo de su margen: :what, lleva :carries de :may.',
];
