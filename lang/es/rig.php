<?php

declare(strict_types=1);

// What a rig stands in and on, and what a photo of it shows.
return [
    'pair' => ':vehicle con :trailer',
    'stance' => ['alone' => 'solo', 'dropped' => 'sin barras', 'carried' => 'con barras'],
    'axle' => ['front' => 'delante', 'rear' => 'detrás'],
    'weighed' => ['front' => 'delante', 'rear' => 'detrás', 'trailer' => 'remolque'],
    'photo' => ['placard' => 'Placa', 'link_mark' => 'Marca del eslabón', 'washers' => 'Arandelas', 'other' => 'Otra cosa'],
];
