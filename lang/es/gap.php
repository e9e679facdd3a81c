<?php

declare(strict_types=1);

// Taping the gap over the bars with the rig dropped: the twin of the four heights.
return [
    'title' => 'Medir la distancia',
    'lead' => 'Acoplado y sin barras: meta una barra en su alojamiento, déjela colgar y no la enganche. Mida en su punto de enganche.',
    'safety' => 'Manos y pies fuera de debajo de la barra: puede caerse de su alojamiento.',
    'field' => [
        'gap' => ['label' => 'De chasis a barra', 'hint' => 'De la cara inferior del chasis al punto de enganche de la barra'],
        'chain' => ['label' => 'De chasis a barra, eslabón más flojo', 'hint' => 'Con la cadena tensa en su eslabón más flojo. Se pide una vez para este enganche.'],
        'ledge' => ['label' => 'De chasis a apoyo, agujero más flojo', 'hint' => 'Hasta donde apoya la barra en el ajuste más flojo. Se pide una vez para este enganche.'],
    ],
    'sketch' => [
        'chain' => 'Dónde va la cinta: del chasis a la barra colgando, y del chasis por la cadena tensa en su eslabón más flojo',
        'ledge' => 'Dónde va la cinta: del chasis a la barra colgando, y del chasis al apoyo en su agujero más flojo',
    ],
    'worth_it' => 'Una distancia dice cuánto flexiona las barras cada ajuste, antes de la primera prueba.',
    'cost' => 'Si se omite, la tensión de las barras queda sin conocer: es menos probable que la primera prueba quede dentro del margen.',
    'cost_taped' => 'Las barras ya están medidas: esto solo lo confirma.',
    'skipped' => 'Omitido.',
    'taped' => 'Medido: :gap.',
    'not_of_use' => 'Este enganche no tiene barras que medir, o aún no se conoce su familia.',
    'save' => 'Guardar la distancia',
    'back' => 'Volver a Sin barras',
];
