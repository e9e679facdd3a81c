<?php

declare(strict_types=1);

// Before a hitch is bought: whether the rig needs one, which bars, which family.
return [
    'expected_a_vehicle' => 'Se esperaba un vehículo de la lista.',
    'expected_a_trailer' => 'Se esperaba un remolque de la lista.',
    'expected_a_hitch' => 'Se esperaba un enganche de la lista.',
    'expected_a_count' => 'Se esperaba un número entero de 0 a :most.',
    'expected_a_fill' => 'Se esperaba cuán lleno está el depósito, de 0 a :most %.',
    'lifts_off' => 'Con una de estas cargas la lanza se levanta de la bola. Mueva carga por delante de los ejes del remolque.',
    'none' => 'Ninguno',
    'range' => 'de :from a :to',
    'offer' => ':family, barras de :rating',
    'want' => [
        'reversing' => 'Se da marcha atrás a menudo',
        'tailgate' => 'Un portón baja por encima del enganche',
        'obstructions' => 'Bombonas, una bandeja o un gato estorban en el bastidor',
        'fine_steps' => 'Pasos finos: nivelación automática, o una carga que cambia a menudo',
        'quiet' => 'Debe ser silencioso en giros cerrados',
        'sway_control' => 'Tiene que frenar el coleo',
    ],
    'year' => [
        'tongue' => 'Peso en la lanza, nivelado (± :doubt %)',
        'share' => 'Parte del bruto en la lanza',
        'front' => 'Quitado al eje delantero',
        'rear' => 'De más en el eje trasero',
    ],
    'sway' => [
        'too_little' => ':chance probable que haya menos del 10 % del bruto en la lanza en uno de estos estados de carga. Entonces el remolque tiende al coleo, con cualquier enganche: mueva carga por delante de sus ejes.',
        'enough' => 'Hay bastante en la lanza en ambos estados de carga.',
    ],
    'bars' => [
        'fits' => 'Sostienen el peso en la lanza todo el año.',
        'too_light' => ':chance probable que el peso mayor en la lanza esté por encima de su margen.',
        'too_heavy' => ':chance probable que el peso menor en la lanza esté por debajo de su margen: más rígidas de lo que este conjunto necesita.',
        'bent_past_rating' => ':chance probable que haya que doblarlas por encima de su límite para recuperar bastante.',
        'coarse_steps' => 'El paso más fino mueve :step de la carga del eje delantero: falla fácilmente el margen.',
    ],
    'fine_steps' => 'El paso más fino recupera :step más y lleva unos :minutes min.',
    'families' => [
        'little_reach' => 'Recupera :most como mucho: no basta para el margen objetivo.',
        'coarse_steps' => 'El paso más fino mueve :step de la carga del eje delantero: falla fácilmente el margen.',
    ],
    'line' => [
        'reach_all' => 'De :from a más que todo: el margen objetivo está al alcance.',
        'reach_to' => 'De :from a :to.',
        'step' => 'Eje delantero :front, trasero :rear, remolque :trailer.',
        'no_rating' => 'Su límite no está en la especificación.',
        'no_bars' => 'No tiene barras.',
        'held' => ':chance probable que sostengan el peso en la lanza todo el año.',
        'first' => ':setting: :chance probable de quedar dentro del margen.',
        'taped' => ':chance una vez medidas sus cuatro alturas.',
        'year' => ':light recuperado con la carga menor, :heavy con la mayor.',
        'hook_ups' => 'Unas :mean, y :most o menos con 90 % de probabilidad; :minutes min para ellas.',
        'clearance_unknown' => 'No se sabe hasta medir bastidor y barras.',
    ],
];
