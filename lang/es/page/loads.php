<?php

declare(strict_types=1);

return [
    'columns' => [
        'the_planner_needs_a_hitch' => 'El planificador necesita un enganche de familia conocida.',
        'beside_which_load' => 'Junto a qué carga',
        'beside' => 'Junto a',
        'at' => 'En :setting, :setting_from.',
        'saved_for' => 'Guardado para :state:',
        'keep_for_it' => 'Guardar :keepable para ella',
        'saved_for_2' => 'Guardado para :state: :kept_setting.',
        'against_its_ratings' => ':state frente a sus límites',
        'of' => 'de :may',
        'lifting_the_rear_moves_no' => 'Levantar la parte trasera no mueve carga hacia delante: sin barras, la bola empuja como antes y la delantera sigue ligera. Con barras, la subida las afloja y el eje trasero pesa más. Apunte más alto de antemano.',
    ],
    'drawing' => [
        'larger' => 'Arrastre una carga por el conjunto, o el agua de un depósito: el conjunto responde. Las alturas se dibujan cinco veces mayores de lo que son.',
        'the_rig_with_its_loads' => 'El conjunto con sus cargas; cada una se puede arrastrar, o mover con las flechas',
    ],
    'rows' => [
        'what' => 'Qué',
        'weight' => 'Peso',
        'on_the' => 'En el',
        'place' => 'Lugar',
        'load_what' => 'Carga :i, qué',
        'load_weight' => 'Carga :i, peso',
        'load_on' => 'Carga :i, en',
        'vehicle' => 'vehículo',
        'trailer' => 'remolque',
        'load_place' => 'Carga :i, lugar',
        'leave_out' => 'Quitar :row',
        'full' => ':tank, :full lleno',
        'full_2' => '% lleno',
        'a_place_on_the_vehicle' => 'Un lugar en el vehículo se cuenta hacia atrás desde su eje delantero; en el remolque, por delante de sus ejes, y detrás por debajo de 0. Arrastre una marca del dibujo, o muévala con las flechas.',
        'tanks_show_here_once_the' => 'Los depósitos aparecen aquí cuando la hoja del remolque tiene su tamaño y lugar.',
        'add' => 'Añadir',
    ],
    'show' => [
        'load_states' => 'Estados de carga',
        'copy_load_state' => 'Copiar estado de carga',
        'archive' => 'Archivar',
        'what_was_aboard_when_the' => 'Lo que iba a bordo cuando se pesó el conjunto. Las demás cargas se comparan con esta: cámbiela solo para corregirla.',
        'this_load' => 'Esta carga',
        'save_load' => 'Guardar carga',
        'result' => 'Resultado',
        'load_planner' => 'Planificador de carga, :title',
    ],
];
