<?php

declare(strict_types=1);

// Taping the bars before anything is coupled.
return [
    'title' => 'Medir las barras',
    'lead' => 'Antes de acoplar nada: el vehículo solo con el cabezal atornillado y una barra colgando libre en su encaje; el remolque nivelado sobre su gato.',
    'field' => [
        'ball' => ['label' => 'Bola', 'hint' => 'Del suelo a lo alto de la bola'],
        'bar' => ['label' => 'Barra, colgando', 'hint' => 'Del suelo al punto de enganche de la barra'],
        'lifted' => ['label' => 'Barra, levantada (si tiene juego)', 'hint' => 'Lo mismo, levantada hasta el final de su juego'],
        'seat' => ['label' => 'Acoplador', 'hint' => 'Del suelo a lo alto del asiento del acoplador'],
        'rest' => ['label' => 'Apoyo de la barra', 'hint' => 'Del suelo a donde apoya la barra, ajuste más flojo'],
        'ledge' => ['label' => 'Soporte', 'hint' => 'Del suelo a donde apoya la barra, ajuste más flojo'],
        'hook' => ['label' => 'Gancho de cadena', 'hint' => 'Del suelo al gancho o asiento que sujeta la cadena'],
        'chain' => ['label' => 'Cadena libre', 'hint' => 'Del gancho a la barra, cadena tensa, eslabón más flojo. Se pide una vez por enganche.'],
    ],
    'sketch' => [
        'chain' => 'Dónde va la cinta: bola, barra colgando, asiento del acoplador, gancho de cadena y la cadena libre del gancho a la barra',
        'ledge' => 'Dónde va la cinta: bola, barra colgando, asiento del acoplador y el soporte donde apoya la barra',
        'vehicle' => 'Vehículo solo, una barra colgando libre',
        'trailer' => 'Remolque nivelado sobre su gato',
    ],
    'head' => 'Ahora en el cabezal: :many',
    'ball_over' => 'La bola está :length por encima del acoplador.',
    'ball_under' => 'La bola está :length por debajo del acoplador.',
    'rest_level' => 'La barra apoya en el remolque tan alta como cuelga en el vehículo.',
    'rest_higher' => 'La barra apoya en el remolque :by más alta que como cuelga en el vehículo.',
    'rest_lower' => 'La barra apoya en el remolque :by más baja que como cuelga en el vehículo.',
    'first' => 'Primera prueba en :setting: :chance probable de quedar dentro del margen.',
    'was_worth' => 'Sin la cinta sería :without, con ella :with.',
    'would_be_worth' => 'Midiendo las barras: primera prueba :without → cerca de :with probable de quedar dentro del margen.',
    'skipped' => 'Omitido por :who, :at.',
    'taped' => 'Medido por :who, :at.',
    'save' => 'Guardar alturas',
    'skip' => 'Omitir',
    'open' => 'Medir las barras',
    'again' => 'Medir otra vez',
    'undo' => 'Deshacer',
    'caution' => [
        'ball_far_from_seat' => 'Bola y acoplador están muy separados: mida ambos otra vez.',
        'bar_over_ball' => 'La barra cuelga más alta que la bola: mida ambas otra vez.',
        'far_too_slack' => 'Estas alturas dejan las barras muy flojas: mídalas otra vez.',
        'far_too_tight' => 'Estas alturas doblan las barras demasiado: mídalas otra vez.',
    ],
    'safety' => 'Calce las ruedas del remolque. Pies y manos fuera de debajo de la barra.',
    'not_of_use' => 'Este enganche no tiene barras que medir, o aún no se conoce su familia.',
    'place' => [
        'none' => 'Ningún lugar dentro del margen de la ficha técnica queda libre: mueva la bandeja, o pregunte al fabricante del enganche.',
        'as_the_data_sheet' => 'Soportes a :at detrás de la bola, igual en ambos lados.',
        'forward' => 'Soportes a :at detrás de la bola, igual en ambos lados: :by por delante de la distancia de la ficha técnica, libre de lo que estorba.',
        'back' => 'Soportes a :at detrás de la bola, igual en ambos lados: :by por detrás de la distancia de la ficha técnica, libre de lo que estorba.',
    ],
    'holes' => [
        'sheet' => '{0} Atornille los soportes sin ningún agujero a la vista sobre el bastidor: lo dice la ficha técnica.|{1} Atornille los soportes con un agujero a la vista sobre el bastidor: lo dice la ficha técnica.|[2,*] Atornille los soportes con :count agujeros a la vista sobre el bastidor: lo dice la ficha técnica.',
        'worked_out' => '{0} Atornille los soportes sin ningún agujero a la vista sobre el bastidor: las barras quedan entonces :level.|{1} Atornille los soportes con un agujero a la vista sobre el bastidor: las barras quedan entonces :level.|[2,*] Atornille los soportes con :count agujeros a la vista sobre el bastidor: las barras quedan entonces :level.',
        'beside' => '{0} Según las medidas no sería ninguno: las barras quedan entonces :level.|{1} Según las medidas sería uno: las barras quedan entonces :level.|[2,*] Según las medidas serían :count: las barras quedan entonces :level.',
        'level' => 'tan altas como en el cabezal',
        'lower' => ':by más bajas que en el cabezal',
        'higher' => ':by más altas que en el cabezal',
    ],
    'sheet_start' => 'La ficha técnica empieza en :setting; el primer ajuste se planea desde allí.',
    'lean' => [
        'square' => 'Con barras, las cadenas cuelgan a escuadra con el bastidor.',
        'to_the_front' => 'Con barras, las cadenas se inclinan :angle hacia delante por arriba: mueva los soportes hacia atrás, dentro del margen de la ficha técnica, para ponerlas a escuadra.',
        'to_the_rear' => 'Con barras, las cadenas se inclinan :angle hacia atrás por arriba: mueva los soportes hacia delante, dentro del margen de la ficha técnica, para ponerlas a escuadra.',
    ],
];
