<?php

declare(strict_types=1);

// What an owner is answered for today's load.
return [
    'full' => ':percent % lleno',
    'as_set_up' => 'como en el ajuste',
    'more' => ':count más',
    'each' => ':weight cada uno',
    'fewer' => ':count menos',
    'outcome' => [
        'stays' => 'Quédese en :setting.',
        'moves' => 'Cambie a :setting, igual en ambos lados.',
        'beyond' => 'No remolque con esta carga: ningún paso pequeño la lleva al margen. Cambie la carga, o pregunte al taller.',
        'over_rating' => 'No remolque con esta carga: algo pasa de su límite. Quite carga, o muévala.',
        'lifts_off' => 'No remolque con esta carga: la lanza se levanta de la bola. Lleve carga a la parte delantera del remolque.',
        'no_bars' => 'En este enganche no hay nada que ajustar.',
    ],
    'restored' => 'Carga del eje delantero recuperada: cerca del :share, :chance probable que quede dentro del margen.',
    'nothing_over' => 'Nada pasa de un límite que el taller conozca.',
    'unload' => 'No remolque así: quite carga, o muévala.',
    'tongue' => 'El :share % del peso del remolque está en la lanza.',
    'heights' => [
        'fits' => 'Las dos alturas encajan con esta carga.',
        'too_little' => 'La delantera está demasiado alta: se recupera demasiado poco. Compruebe la cuenta en ambos lados, y si la carga es la elegida arriba.',
        'too_much' => 'La delantera está demasiado baja: se recupera demasiado. Compruebe la cuenta en ambos lados, y si la carga es la elegida arriba. No remolque con la delantera más baja de lo que dice la tarjeta.',
        'more_weight' => 'La trasera está demasiado baja: hay más peso en ella que el elegido arriba. Compruebe la carga.',
        'less_weight' => 'La trasera está demasiado alta: hay menos peso en ella que el elegido arriba. Compruebe la carga.',
        'otherwise' => 'Las dos están demasiado altas. Compruebe neumáticos y suelo, ruede adelante y atrás, y mida otra vez.',
    ],
    'off_the_grid' => 'El taller calculó aquí cargas de :least a :most. Pregunte al taller antes de remolcar más, o menos.',
];
