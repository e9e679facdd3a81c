<?php

declare(strict_types=1);

return [
    'log' => [
        'emptied' => '(vaciado)',
        'rolled' => 'rodado',
        'not_rolled' => 'sin rodar',
        'came_with' => 'por el archivo :file, importado :at',
        'came_with_by' => 'por el archivo :file, importado :at por :person',
        'superseded' => 'reemplazada :at',
        'undone' => 'deshecha',
        'stands' => 'vale',
        'tape_log' => 'Registro de medidas',
        'back_to_the_bench' => 'Volver al banco',
        'every_reading_stays_as_it' => 'Cada lectura queda como se escribió. Una corregida reemplaza a la anterior; se guardan las dos.',
        'nothing_is_taped_yet' => 'Todavía no hay nada medido.',
        'the_first_height_you_save' => 'La primera altura que guarde aparece aquí.',
        'when' => 'Cuándo',
        'who' => 'Quién',
        'stance' => 'Estado',
        'fender' => 'Guardabarros',
        'typed' => 'Escrito',
        'height' => 'Altura',
        'before_it' => 'Anterior',
        'state' => 'Estado',
        'tape_log_2' => 'Registro de medidas, :title',
    ],
];
