<?php

declare(strict_types=1);

return [
    'new-loads' => [
        'new_load' => 'Otra carga en un enganche',
        'which_hitch' => 'El mismo enganche detrás de otro vehículo, con otro remolque o con otro peso en la lanza. ¿Qué enganche?',
        'every_hitch' => 'Todos los enganches están en el garaje',
        'on_no_rig_yet' => 'todavía en ningún conjunto',
        'no_hitch_yet' => 'Todavía no hay ningún enganche en el garaje.',
        'start_a_job' => 'Empezar un trabajo',
    ],
    'new-load' => [
        'title' => 'Otra carga en :hitch',
        'vehicle' => 'Vehículo',
        'trailer' => 'Remolque',
        'tongue_weight' => 'Peso en la lanza',
        'tongue_hint' => 'Como lo marca el medidor sin barras, o como se pesó. Se guarda con el remolque.',
        'start_the_job' => 'Empezar el trabajo',
    ],
    'new-load-says' => [
        'this_pair_cannot_be' => 'Este vehículo, este remolque y este enganche no van juntos: vea lo señalado.',
    ],
    'away' => [
        'archive' => 'Archivo',
        'garage' => 'Garaje',
        'nothing_is_archived' => 'No hay nada archivado.',
        'what_is_archived_stays_with' => 'Lo archivado se queda con sus trabajos y se puede restaurar aquí. No se borra nada.',
    ],
    'edit' => [
        'save_specification' => 'Guardar especificaciones',
        'another_look_everything_you_typed' => '{1} Un campo necesita otra mirada; todo lo que escribió sigue aquí, y todavía no se ha guardado nada.|[2,*] :count campos necesitan otra mirada; todo lo que escribió sigue aquí, y todavía no se ha guardado nada.',
        'another_look_the_rest_is_saved' => '{1} Un campo necesita otra mirada; lo que escribió en él sigue aquí. Todo lo demás está guardado.|[2,*] :count campos necesitan otra mirada; lo que escribió en ellos sigue aquí. Todo lo demás está guardado.',
        'name' => 'Nombre',
        'plan' => 'Plan',
        'new' => 'Nuevo: :value',
        'not_known' => 'No se sabe',
    ],
    'index' => [
        'choose_a_hitch' => 'Elegir un enganche',
        'garage' => 'Garaje',
        'start_a_job_with_new' => 'Empezar un trabajo con piezas nuevas',
        'no_rig_is_paired_yet' => 'Todavía no hay ningún conjunto formado.',
        'a_rig_pairs_a_vehicle' => 'Un conjunto une un vehículo, un remolque y un enganche; sus especificaciones se guardan aquí.',
        'later_ones' => 'Posteriores',
        'earlier_ones' => 'Anteriores',
        'pair_a_rig' => 'Formar un conjunto',
        'pair_rig' => 'Formar conjunto',
    ],
    'plan' => [
        'once_this_is_paired_with' => 'Cuando esto se una con el resto de un conjunto, el conjunto se dibuja y se planifica aquí mientras escribe. Una medida imposible detiene el dibujo hasta que se corrige.',
        'the_rig_as_predicted_alone' => 'El conjunto según lo previsto, solo, sin barras y con barras; sus cifras están en la tabla que sigue',
        'the_rig_as_predicted' => 'El conjunto según lo previsto',
    ],
    'shelf' => [
        'garage' => 'Garaje',
        'new' => 'Nuevo: :part',
        'no_is_here_yet' => 'Todavía no hay aquí ningún :part.',
        'describe_one_or_start_a' => 'Describa uno, o empiece un trabajo con uno: sus especificaciones se guardan aquí.',
    ],
];
