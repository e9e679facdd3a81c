<?php

declare(strict_types=1);

// The front door: a new job.
return [
    'title' => 'Nuevo trabajo',
    'lead' => 'Solo hace falta un título. Todo lo demás se puede añadir después; hasta entonces se supone, y el trabajo dice qué conviene más medir.',
    'job' => ['label' => 'Cliente y conjunto', 'hint' => 'Como lo diría de un lado a otro del patio'],
    'vehicle' => ['label' => 'Vehículo', 'hint' => 'Escriba unas letras para encontrarlo en el garaje, o un nombre nuevo'],
    'trailer' => ['label' => 'Remolque', 'hint' => 'Escriba unas letras para encontrarlo en el garaje, o un nombre nuevo'],
    'hitch' => ['label' => 'Enganche', 'hint' => 'Escriba unas letras para encontrarlo en el garaje, o un nombre nuevo'],
    'from_garage' => 'Del garaje',
    'new_instead' => 'Escribir uno nuevo',
    'found' => 'En el garaje',
    'none_found' => 'No está en el garaje: será uno nuevo.',
    'family' => 'Familia',
    'family_later' => 'Aún no se sabe',
    'dimensions' => 'Medidas, si las tiene',
    'axles' => ['label' => 'Ejes', 'one' => 'Uno', 'two' => 'Dos', 'three' => 'Tres'],
    'gross' => 'Peso bruto, :unit',
    'tongue' => ['label' => 'Peso en la lanza', 'hint' => 'Nivelado, :unit'],
    'rated_from' => 'Barras desde, :unit',
    'rated_to' => 'Barras hasta, :unit',
    'wheelbase' => ['label' => 'Distancia entre ejes', 'hint' => 'De eje a eje, :unit'],
    'overhang' => ['label' => 'Voladizo', 'hint' => 'Del eje trasero a la bola, :unit'],
    'ball_to_axle' => ['label' => 'De la bola al eje', 'hint' => 'Al centro del grupo de ejes, :unit'],
    'bar_arm' => ['label' => 'Brazo de barra', 'hint' => 'De la bola al punto de enganche, a lo largo del bastidor, :unit'],
    'later' => [
        'vehicle_class' => 'Aún no se sabe',
        'levelling' => 'Ninguna',
        'lift_use' => 'En uso',
        'counting' => 'Lo habitual en la familia',
        'body' => 'Lo habitual',
        'front_suspension' => 'Lo habitual',
        'rear_suspension' => 'Lo habitual',
    ],
    'arrived_coupled' => 'Llegó acoplado: hacerse cargo',
    'start' => 'Empezar trabajo',
    'problems' => '{1} Un campo necesita otra mirada; todo lo que escribió sigue aquí.|[2,*] :count campos necesitan otra mirada; todo lo que escribió sigue aquí.',
];
