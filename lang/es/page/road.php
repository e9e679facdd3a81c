<?php

declare(strict_types=1);

return [
    'form' => [
        'note' => 'Nota',
        'highest_speed' => 'Velocidad más alta',
        'distance' => 'Distancia',
    ],
    'panel' => [
        'road_test_result' => 'Resultado de la prueba en carretera',
        'record_what_was_felt_even' => 'Anote lo que se notó, aunque no fuera nada: la próxima visita compara con ello. Aquí se listan las causas con la estación a la que volver.',
        'up_to' => ':driven_at, :distance_km, hasta :speed_kmh',
        'nothing_points_at_the_set' => 'Nada apunta al ajuste.',
        'a_record_of_what_was' => 'Un registro de lo que se condujo y se notó. Ninguna velocidad se llama segura.',
        'if_it_sways_on_the' => 'Si colea en la carretera',
    ],
];
