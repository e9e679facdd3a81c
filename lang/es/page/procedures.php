<?php

declare(strict_types=1);

return [
    'paper' => [
        'title' => ':occasion en papel, :job',
        'print' => 'Imprimir',
        'back_to_the_steps' => 'Volver a los pasos',
        'helper' => 'Ayudante: «:calls».',
        'the_hitch_makers_and_vehicle' => 'Las instrucciones del fabricante del enganche y del vehículo y la ley local van primero.',
    ],
    'show' => [
        'alone' => 'A solas:',
        'as_a_list' => 'Como lista',
        'procedures' => 'Procedimientos',
        'the_family_of_the_hitch' => 'Todavía no se conoce la familia del enganche. Elíjala en las especificaciones del enganche para ver el procedimiento.',
        'all_steps_done_in_min' => 'Todos los pasos hechos, en :value min. Queda anotado en el registro.',
        'run_again' => 'Hacerlo otra vez',
        'back_to_the_bench' => 'Volver al banco',
        'steps_taken' => 'Pasos hechos',
        'step_of' => 'Paso :taken de :steps',
        'begun' => ', empezado :started_at',
        'helper_calls' => 'El ayudante avisa',
        'done' => 'Hecho',
        'skip' => 'Omitir',
        'undo_step' => 'Deshacer el paso',
        'stop_procedure' => 'Parar el procedimiento',
        'earlier_runs' => 'Veces anteriores',
        'min' => ':finished_at, :given_up_at, :user, :given_up_at2 min',
        'all_steps' => 'Todos los pasos',
        'at' => ':step a las :step2',
        'on_paper' => 'En papel',
        'finished' => 'Terminado',
        'stopped' => 'Parado',
    ],
    'ticks' => [
        'tick_as_you_go' => 'Marque cada paso al hacerlo. Las marcas quedan en este aparato; guárdelas cuando todo esté hecho, con o sin conexión.',
        'save' => 'Guardar los pasos marcados',
    ],
];
