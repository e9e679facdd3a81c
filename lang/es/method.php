<?php

declare(strict_types=1);

return [
    'front_restoration' => ['name' => 'Recuperación delantera', 'too_little' => 'Más tensión: el eje delantero sigue ligero.', 'in_range' => 'El eje delantero ha recuperado su carga, y nada más.', 'too_much' => 'Menos tensión: el eje delantero lleva más de lo que admite el margen.'],
    'equal_squat' => ['name' => 'Descenso igual', 'headline' => 'Bajada delantera menos trasera', 'too_little' => 'La trasera bajó más que la delantera: más tensión, pero pare al recuperarlo todo.', 'in_range' => 'Delantera y trasera bajaron igual, con :tolerance de diferencia como mucho.', 'too_much' => 'Menos tensión: la delantera bajó más que la trasera, o está por debajo de su altura solo.'],
    'coupler_height' => ['name' => 'Altura del acoplador', 'headline' => 'Acoplador sobre su altura nivelada', 'too_little' => 'El acoplador está bajo: suba el cabezal un agujero.', 'too_little_straight' => 'Las barras no se ven flexionadas: primero más tensión.', 'in_range' => 'El acoplador está a su altura nivelada y las barras flexionadas.', 'too_much' => 'El acoplador está alto: baje el cabezal un agujero.'],
    'ball_load' => ['name' => 'Carga en la bola', 'headline' => 'Fuerza en la bola', 'too_little' => 'Más tensión: el medidor debería marcar :target, con un :tolerance % de diferencia como mucho.', 'in_range' => 'El medidor está en su objetivo, :target, con un :tolerance % de diferencia como mucho.', 'too_much' => 'Menos tensión: el medidor debería marcar :target, con un :tolerance % de diferencia como mucho.'],
    'axle_scale' => ['name' => 'Báscula de ejes', 'too_little' => 'La báscula dice: más tensión.', 'in_range' => 'La báscula encuentra el eje delantero dentro del margen.', 'too_much' => 'La báscula dice: menos tensión.'],
    'not_sure' => 'Todavía sin certeza. :chances.',
    'waiting' => 'Pese el conjunto solo, sin barras y con barras.',
    'squat_and_restoration' => 'El descenso igual pide más tensión. En este conjunto eso llevaría la delantera por debajo de su altura solo: pare al recuperarlo todo.',
    'squat_otherwise' => 'El descenso igual mira solo alturas; el margen guarda la carga del eje delantero.',
    'coupler_and_restoration' => 'La altura del acoplador depende más del agujero del cabezal que de las barras: ajuste la carga con la tensión y la altura con el cabezal.',
];
