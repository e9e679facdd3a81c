<?php

declare(strict_types=1);

return [
    'no-connection' => [
        'no_connection' => 'Sin conexión',
        'this_page_is_not_kept' => 'Esta página no se guarda en este aparato. El patio y los trabajos de hoy sí, y lo que escribió espera aquí hasta que vuelva la conexión.',
        'to_the_yard' => 'Al patio',
    ],
    'yard' => [
        'day' => 'Línea del día',
        'notes' => 'Notas de propietarios',
        'seen' => 'Marcar como vista',
        'yard' => 'Patio',
        'new_load_on_a_hitch' => 'Otra carga',
        'start_a_job' => 'Nuevo trabajo',
        'no_job_is_open' => 'No hay ningún trabajo abierto.',
        'a_job_pairs_a_vehicle' => 'Un trabajo une un vehículo, un remolque y un enganche, y guarda cada altura que mida.',
        'start_the_first_one' => 'Empezar el primero',
        'more_open' => '{1} 1 más está abierto.|[2,*] :count más están abiertos.',
        'all_open_jobs' => 'Todos los trabajos abiertos',
        'due' => 'Pendiente',
        'calendar_file' => 'Archivo de calendario',
        'handed_over' => 'Entregado',
    ],
];
