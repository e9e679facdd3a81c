<?php

declare(strict_types=1);

/*
 * Load states by rig: what travels where (kg, mm as the carrier counts it), how full the tanks are, the setting kept.
 */

$crew = [
    ['name' => 'driver and mate', 'kg' => 154.221, 'on' => 'vehicle', 'mm' => 1346.2],
    ['name' => 'seed drawers', 'kg' => 120.202, 'on' => 'trailer', 'mm' => 254],
    ['name' => 'gas bottles', 'kg' => 27.216, 'on' => 'trailer', 'mm' => 3632.2],
];

return [
    'seed library' => [
        ['name' => 'As weighed', 'as_weighed' => true, 'items' => $crew, 'fills' => ['fresh' => 0.5, 'waste' => 0.0]],
        [
            'name' => 'Weekend',
            'items' => $crew,
            'fills' => ['fresh' => 0.2, 'waste' => 0.0],
            'setting' => ['link' => 4.0, 'washer' => 3.0, 'head' => 2.0],
        ],
        [
            'name' => 'Long trip',
            'items' => [
                ...$crew,
                ['name' => 'two more aboard', 'kg' => 129.274, 'on' => 'vehicle', 'mm' => 2159],
                ['name' => 'bikes on the tongue', 'kg' => 34.019, 'on' => 'trailer', 'mm' => 3632.2],
                ['name' => 'spare seed sacks', 'kg' => 58.967, 'on' => 'trailer', 'mm' => -889],
            ],
            'fills' => ['fresh' => 1.0, 'waste' => 0.0],
        ],
        [
            'name' => 'Heavier shelves',
            'items' => [
                ['name' => 'driver and mate', 'kg' => 154.221, 'on' => 'vehicle', 'mm' => 1346.2],
                ['name' => 'seed drawers', 'kg' => 190.509, 'on' => 'trailer', 'mm' => 660.4],
                ['name' => 'folding counter', 'kg' => 29.484, 'on' => 'trailer', 'mm' => 2387.6],
                ['name' => 'gas bottles', 'kg' => 27.216, 'on' => 'trailer', 'mm' => 3632.2],
            ],
            'fills' => ['fresh' => 1.0, 'waste' => 0.0],
        ],
    ],
];
