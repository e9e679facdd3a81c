<?php

declare(strict_types=1);

/*
 * Load states by rig: what travels where (kg, mm as the carrier counts it), how full the tanks are, the setting kept.
 */

$crew = [['name' => 'driver and mate', 'kg' => 155.0, 'on' => 'vehicle', 'mm' => 1340.0], ['name' => 'seed drawers', 'kg' => 120.0, 'on' => 'trailer', 'mm' => 250.0], ['name' => 'gas bottles', 'kg' => 28.0, 'on' => 'trailer', 'mm' => 3640.0]];

return [
    'seed library' => [
        ['name' => 'As weighed', 'as_weighed' => true, 'items' => $crew, 'fills' => ['fresh' => 0.5, 'waste' => 0.0]],
        ['name' => 'Weekend', 'items' => $crew, 'fills' => ['fresh' => 0.2, 'waste' => 0.0], 'setting' => ['link' => 4.0, 'washer' => 3.0, 'head' => 2.0]],
        ['name' => 'Long trip', 'items' => [...$crew, ['name' => 'two more aboard', 'kg' => 130.0, 'on' => 'vehicle', 'mm' => 2150.0], ['name' => 'bikes on the tongue', 'kg' => 34.0, 'on' => 'trailer', 'mm' => 3640.0], ['name' => 'spare seed sacks', 'kg' => 60.0, 'on' => 'trailer', 'mm' => -900.0]], 'fills' => ['fresh' => 1.0, 'waste' => 0.0]],
        ['name' => 'Heavier shelves', 'items' => [['name' => 'driver and mate', 'kg' => 155.0, 'on' => 'vehicle', 'mm' => 1340.0], ['name' => 'seed drawers', 'kg' => 190.0, 'on' => 'trailer', 'mm' => 650.0], ['name' => 'folding counter', 'kg' => 30.0, 'on' => 'trailer', 'mm' => 2400.0], ['name' => 'gas bottles', 'kg' => 28.0, 'on' => 'trailer', 'mm' => 3640.0]], 'fills' => ['fresh' => 1.0, 'waste' => 0.0]],
    ],
];
