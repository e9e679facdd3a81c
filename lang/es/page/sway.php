<?php

declare(strict_types=1);

return [
    'checks' => [
        'the_family_of_the_hitch' => 'Todavía no se conoce la familia del enganche. Elíjala en las especificaciones del enganche, y aquí se comprueba su control de coleo.',
        'checks_by_eye' => 'Comprobaciones a ojo',
        'threads_left' => 'Hilos, izquierda',
        'left' => 'izquierda',
        'threads_right' => 'Hilos, derecha',
        'right' => 'derecha',
        'count' => 'Contar',
        'ok' => 'Bien: :check',
        'ok_2' => 'Bien',
        'not_ok' => 'Mal: :check',
        'not_ok_2' => 'Mal',
    ],
    'panel' => [
        'nothing_worse' => 'nada que favorezca el coleo está peor.',
        'what_invites_sway' => 'Qué favorece el coleo',
        'what_invites_sway_on_this' => 'Qué favorece el coleo en este conjunto',
        'tongue_share_attitude_and_front' => 'La parte en la lanza, la postura y el eje delantero aparecen aquí cuando se mida con barras. Hasta entonces, solo lo que usted puede ver.',
        'nothing_found_speed_still_invites' => 'No se encuentra nada. La velocidad favorece el coleo en cualquier conjunto, y no se puede dar ninguna velocidad segura.',
        'speed_adds_to_each_of' => 'La velocidad se suma a cada una de estas, y no se puede dar ninguna velocidad segura.',
        'sway_control_in_figures_to' => 'El control de coleo en cifras, para comparar ajustes de este conjunto',
        'against' => 'Frente a :title, :day: :worse',
        'if_it_sways_on_the' => 'Si colea en la carretera',
    ],
];
