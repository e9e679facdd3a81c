<?php

declare(strict_types=1);

// Whether a rig on a plain ball needs weight distribution.
return [
    'title' => '¿Necesita este conjunto reparto de peso?',
    'answer' => [
        'forbidden' => 'No: el fabricante del vehículo lo prohíbe. Quédese dentro de los límites, o remolque algo más ligero.',
        'required' => 'Sí: el fabricante del vehículo lo exige para este remolque.',
        'rating_ends' => 'Sí, o una lanza más ligera: con bola simple algo pasa de su límite.',
        'front_light' => 'Ayudaría: acoplar le quita al eje delantero más de la décima parte de su carga.',
        'front_not_weighed' => 'Todavía sin certeza: pese el eje delantero solo, y se sabrá cuánta carga pierde.',
        'not_needed' => 'Nada aquí lo pide.',
    ],
    'front' => 'Acoplar le quita cerca de :load al eje delantero y pone :rear más en el trasero.',
    'front_share' => 'Eso es el :share de lo que lleva solo el eje delantero.',
    'ends' => 'Pasado con bola simple: :what, lleva :carries de :may.',
    'raises_none' => 'El reparto no sube ningún límite: lo que está pasado con barras sigue pasado. Las barras mueven carga adelante y atrás, y muchas veces el receptor tiene con ellas un límite más alto.',
    'which' => 'Qué enganche convendría',
    'on_the_card' => 'Bola simple: sin reparto de peso',
];
