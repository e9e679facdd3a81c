<?php

declare(strict_types=1);

return [
    'too_far' => 'Esto está a :change de la altura solo, más de lo que se mueve un conjunto. Se esperaba un error de una pulgada o unidad entera: léalo otra vez.',
    'front_not_lifted' => 'Acoplar levanta la parte delantera: se esperaba más que su altura solo, :height. Lea ambas otra vez; ¿está el gato del todo arriba?',
    'rear_not_dropped' => 'Acoplar baja la parte trasera: se esperaba menos que su altura solo, :height. Lea ambas otra vez; ¿está el gato del todo arriba?',
    'nothing_moved' => 'Los dos extremos están como solo, aquí :height: el peso no está en la bola. ¿Está el gato arriba del todo, la nivelación quitada, se leyó este estado?',
    'same_as_dropped' => 'Igual que sin barras en ambos extremos: ¿barras flojas, o se escribió sin barras en lugar de con barras?',
    'front_not_brought_down' => 'Las barras bajan la parte delantera: se esperaba menos que sin barras, :height. ¿Están cambiadas sin barras y con barras?',
    'rear_not_brought_up' => 'Las barras suben la parte trasera: se esperaba más que sin barras, :height. ¿Están cambiadas sin barras y con barras?',
    'sides_apart' => 'Izquierda y derecha difieren en :height. Lea ambas otra vez; ¿está el suelo nivelado, y los neumáticos a su presión?',
];
