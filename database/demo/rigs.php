<?php

declare(strict_types=1);

/*
 * The invented rigs of Quillfeather Tow Works, Marrow Quay. Makers, people and places exist nowhere else.
 * `truth` is what the simulated tape measures and nobody sees: rates in kg/mm, weights in kg, lengths in mm.
 */

return [
    'planetarium' => [
        'vehicle' => ['name' => 'Corvane Drover crew cab', 'body' => 'pick-up', 'wheelbase_mm' => 3720, 'overhang_mm' => 1340, 'front_suspension' => 'coil', 'rear_suspension' => 'leaf'],
        'trailer' => ['name' => 'Duskwell 24 dome carrier', 'body' => 'box', 'axles' => 2, 'ball_to_axle_mm' => 5150, 'gross_weight_kg' => 3180],
        'hitch' => ['name' => 'Bramblejaw 550 chain hitch', 'bar_arm_mm' => 720],
        'truth' => ['front_rate' => 12.4, 'rear_rate' => 9.1, 'front_alone' => 951, 'rear_alone' => 987, 'front_friction' => 24, 'rear_friction' => 70, 'tongue' => 402, 'cg' => 520, 'trailer_rate' => 52, 'bar_rate' => 5.9, 'ball_over' => 14],
    ],
    'seed library' => [
        'vehicle' => ['name' => 'Halverin Wayfare seven-seat', 'body' => 'SUV or van', 'wheelbase_mm' => 2985, 'overhang_mm' => 1240, 'front_suspension' => 'coil', 'rear_suspension' => 'coil'],
        'trailer' => ['name' => 'Pipkin & Reed 18 seed library', 'body' => 'caravan', 'axles' => 1, 'ball_to_axle_mm' => 4280, 'gross_weight_kg' => 1720],
        'hitch' => ['name' => 'Bramblejaw 270 chain hitch', 'bar_arm_mm' => 640],
        'truth' => ['front_rate' => 9.6, 'rear_rate' => 8.2, 'front_alone' => 842, 'rear_alone' => 858, 'front_friction' => 18, 'rear_friction' => 22, 'tongue' => 224, 'cg' => 480, 'trailer_rate' => 36, 'bar_rate' => 3.4, 'ball_over' => 10],
    ],
    'glassblowing stage' => [
        'vehicle' => ['name' => 'Ostrander 750 long bed', 'body' => 'pick-up', 'wheelbase_mm' => 4060, 'overhang_mm' => 1420, 'front_suspension' => 'leaf', 'rear_suspension' => 'leaf'],
        'trailer' => ['name' => 'Cinderway furnace stage', 'body' => 'box', 'axles' => 3, 'ball_to_axle_mm' => 5900, 'gross_weight_kg' => 4420],
        'hitch' => ['name' => 'Hobnail 640 friction bracket', 'bar_arm_mm' => 760],
        'truth' => ['front_rate' => 15.2, 'rear_rate' => 13.4, 'front_alone' => 1014, 'rear_alone' => 1052, 'front_friction' => 36, 'rear_friction' => 90, 'tongue' => 585, 'cg' => 560, 'trailer_rate' => 74, 'bar_rate' => 6.8, 'ball_over' => 18],
    ],
    'puppet theatre' => [
        'vehicle' => ['name' => 'Pellin Sparrow hatch', 'body' => 'crossover', 'wheelbase_mm' => 2640, 'overhang_mm' => 1060, 'front_suspension' => 'coil', 'rear_suspension' => 'coil'],
        'trailer' => ['name' => 'Thimblewood folding theatre', 'body' => 'pop-up', 'axles' => 1, 'ball_to_axle_mm' => 3700, 'gross_weight_kg' => 980],
        'hitch' => ['name' => 'Bramblejaw 270 chain hitch', 'bar_arm_mm' => 610],
        'truth' => ['front_rate' => 7.8, 'rear_rate' => 6.9, 'front_alone' => 731, 'rear_alone' => 738, 'front_friction' => 16, 'rear_friction' => 16, 'tongue' => 118, 'cg' => 260, 'trailer_rate' => 24, 'bar_rate' => 2.9, 'ball_over' => 6],
    ],
    'bell tower' => [
        'vehicle' => ['name' => 'Corvane Drover short cab', 'body' => 'pick-up', 'wheelbase_mm' => 3520, 'overhang_mm' => 1290, 'front_suspension' => 'coil', 'rear_suspension' => 'leaf'],
        'trailer' => ['name' => 'Tenor & Treble practice tower', 'body' => 'tall', 'axles' => 2, 'ball_to_axle_mm' => 4900, 'gross_weight_kg' => 2760],
        'hitch' => ['name' => 'Twistlatch 450 chain hitch', 'bar_arm_mm' => 690],
        'truth' => ['front_rate' => 12.0, 'rear_rate' => 9.6, 'front_alone' => 944, 'rear_alone' => 972, 'front_friction' => 22, 'rear_friction' => 64, 'tongue' => 345, 'cg' => 960, 'trailer_rate' => 48, 'bar_rate' => 5.1, 'ball_over' => 12],
    ],
];
