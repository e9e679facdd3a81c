<?php

declare(strict_types=1);

return [
    '400' => [
        'this_does_not_read' => 'Esto no se puede leer',
        'expected_plain_text_from' => 'Se esperaba texto simple de un formulario de este programa. No se guardó nada. Vuelva atrás: lo que escribió sigue en la página anterior a esta.',
    ],
    '403' => [
        'no_access' => 'Sin acceso',
        'you_are_signed_in_but' => 'No se cambió nada. Se esperaba alguien que trabaja en los trabajos, o el dueño del taller: el dueño dice en la página Personas quién es qué.',
    ],
    '404' => [
        'page_not_found' => 'Página no encontrada',
        'the_job_station_or_page' => 'El trabajo, la estación o la página que se pidió no existe. Puede estar mal escrita.',
    ],
    '405' => [
        'nothing_to_open_here' => 'Aquí no hay nada que abrir',
        'this_address_takes_a_form' => 'Esta dirección recibe un formulario; no tiene página propia. Empiece desde el patio.',
    ],
    '413' => [
        'too_large' => 'Demasiado grande',
        'expected_a_form_of' => 'Se esperaba un formulario de 1 MB como mucho, una foto de 25 MB como mucho o un archivo de trabajo de 8 MB como mucho. No se guardó nada.',
    ],
    '419' => [
        'your_sign_in_has_ended' => 'Su sesión ha terminado',
        'nothing_was_saved_go_back' => 'No se guardó nada. Vuelva atrás: lo que escribió sigue en la página anterior a esta. Después entre otra vez en otra pestaña, recargue y guarde.',
    ],
    '429' => [
        'too_many_requests' => 'Demasiadas peticiones',
        'expected_a_pause_of_a' => 'Se esperaba una pausa de un minuto.',
    ],
    '500' => [
        'something_went_wrong_in_the' => 'Algo falló en el servidor',
        'what_was_saved_before_is' => 'Lo guardado antes no se ha tocado. Vuelva atrás: lo que escribió sigue en la página anterior a esta. El registro del servidor dice qué pasó.',
    ],
    'restoring' => ['wait' => 'Espere un momento'],
    'database' => [
        'nothing_can_be_read_or' => 'Ahora mismo no se puede leer ni guardar nada',
        'what_was_saved_before_is' => 'Lo guardado antes no se ha tocado. Lo que escribió está en la página anterior a esta: vuelva atrás y seguirá ahí. En la máquina que sirve Ivy Yoke, bin/demo prepara una base de datos que falta; si un archivo no se puede escribir, hay que arreglar los permisos de su carpeta o el espacio en disco.',
    ],
];
