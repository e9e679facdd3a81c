<?php

declare(strict_types=1);

// What a rig stands in and on, and what a photo of it shows.
return [
    'stance' => ['alone' => 'solo', 'dropped' => 'sin barras', 'carried' => 'con barras'],
    'axle' => ['front' => 'delante', 'rear' => 'detrás'],
    'photo' => ['placard' => 'Placa', 'link_mark' => 'Marca del eslabón', 'washers' => 'Arandelas', 'other' => 'Otra cosa'],
];
