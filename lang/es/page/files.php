<?php

declare(strict_types=1);

return [
    'show' => [
        'files' => 'Archivos',
        'back_to_the_bench' => 'Volver al banco',
        'imported_completely' => 'Importado por completo.',
        'not_known_here_kept_and' => 'Desconocido aquí, guardado, y se exporta otra vez con el archivo: :unknown',
        'a_file_holds_names_and' => 'Un archivo contiene nombres y alturas del conjunto de un cliente: trátelo como los papeles del conjunto. Los enlaces privados no van en él.',
        'import_a_job' => 'Importar un trabajo',
        'files_2' => 'Archivos, :title',
        'the_whole_job' => 'El trabajo entero',
        'its_rig_loads_service_record' => 'Su conjunto, cargas, registro de servicio, lecturas y fotos: para otro taller, o para guardarlo. JSON, con un esquema publicado.',
        'readings' => 'Lecturas',
        'the_tape_log_a_line' => 'El registro de medidas, una línea cada una, para una hoja de cálculo.',
        'tickets' => 'Tiques',
        'what_the_weighbridge_said_a' => 'Lo que dijo la báscula, una línea cada vez.',
        'drawing' => 'Dibujo',
        'the_rig_to_scale_as' => 'El conjunto a escala según la última lectura.',
        'card' => 'Tarjeta',
        'one_page_for_the_owner' => 'Una página para el propietario.',
        'calendar' => 'Calendario',
        'what_falls_due_on_this' => 'Lo que toca hacer en este conjunto.',
    ],
    'take' => [
        'import_a_job' => 'Importar un trabajo',
        'to_the_log' => 'Al registro',
        'what_to_do_with_it' => 'Qué hacer con él',
        'merge' => 'Combinar',
        'the_job_joins_the_rig' => 'El trabajo se une al conjunto que está aquí; las especificaciones de aquí se quedan como están.',
        'import_as_a_copy' => 'Importar como copia',
        'everything_in_the_file_is' => 'Todo lo del archivo se añade junto a lo que hay aquí, con sus piezas llamadas (copia).',
        'stop' => 'Parar',
        'nothing_is_imported' => 'No se importa nada.',
        'job_file' => 'Archivo de trabajo',
        'as_another_shop_sent_it' => 'Tal como lo envió otro taller, o como se guardó; 8 MB como mucho. Se importa todo, o nada.',
        'import' => 'Importar',
    ],
];
