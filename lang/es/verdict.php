<?php

declare(strict_types=1);

return [
    'rake' => 'Caída, trasera sobre delantera: :stances.',
    'rake_at' => ':stance :figures',
    'too_little' => 'Demasiado poco',
    'in_range' => 'Dentro del margen',
    'too_much' => 'Demasiado',
    'not_sure' => 'Todavía sin certeza',
    'waiting' => 'Sin medir todavía',
    'heading' => 'Carga del eje delantero recuperada',
    'range' => 'Margen objetivo de :from a :to %',
    'range_raised' => 'Margen objetivo de :from a :to % ahora: queda un :left % con :lifter en marcha',
    'now_and_road' => ':now % ahora, cerca del :road % con :lifter en marcha',
    'on_the_road' => 'En la carretera',
    'levelling_is' => 'la nivelación',
    'air_is' => 'los muelles de aire',
    'figure' => ':mean % ± :doubt',
    'chances' => 'Demasiado poco: :too_little. Dentro del margen: :in_range. Demasiado: :too_much.',
    'chance' => ':percent %',
    'nearly_sure' => 'más del 99 %',
    'nearly_never' => 'menos del 1 %',
    'by_method' => 'Juzgado por :method.',
    'none_yet' => 'Todavía sin veredicto: no hay nada medido con las barras puestas.',
    'tape_targets' => 'Delantera entre :low y :high',
    'scale_tick' => ':percent %',
    'disclaimer' => 'Una ayuda para medir, no un certificado: las fichas técnicas de los fabricantes van primero.',
    'setting_unsaid' => 'Elija el ajuste que está puesto. Entonces la próxima acción se da en sus pasos.',
    'family_unsaid' => 'Elija la familia del enganche en el garaje. Entonces la próxima acción se da en eslabones, agujeros o vueltas.',
    'dropped_missing' => 'Sin barras no está medido: esto se apoya en lo habitual, así que la duda es grande.',
    'no_readings_of_its_own' => 'No se midió nada de lo que mira :method; se juzga por las demás lecturas.',
];
