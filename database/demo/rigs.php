<?php

declare(strict_types=1);

/*
 * The invented rigs of Quillfeather Tow Works, Marrow Quay. Makers, people and places exist nowhere else.
 * `truth` is what the simulated tape measures and nobody sees: rates in kg/mm, weights in kg, lengths in mm.
 */

return [
    'planetarium' => [
        'vehicle' => ['name' => 'Corvane Drover crew cab', 'body' => 'pick-up', 'wheelbase_mm' => 3720, 'overhang_mm' => 1340, 'front_suspension' => 'coil', 'rear_suspension' => 'leaf', 'sheet' => ['vehicle_class' => 'half-ton pick-up', 'levelling' => 'none', 'front_axle_kg' => 1460, 'rear_axle_kg' => 1190, 'front_gawr_kg' => 1770, 'rear_gawr_kg' => 1900, 'vehicle_gvwr_kg' => 3310, 'gcwr_kg' => 7100, 'receiver_carrying_kg' => 230, 'receiver_distributing_kg' => 550, 'receiver_height_mm' => 520, 'tailgate_mm' => 610, 'tail_underside_mm' => 690, 'payload_kg' => 760, 'aboard_kg' => 190, 'front_tyre_kpa' => 240, 'front_tyre_kg' => 1090, 'rear_tyre_kpa' => 280, 'rear_tyre_kg' => 1090, 'maker_says' => 'required', 'maker_from_kg' => 2270]],
        'trailer' => ['name' => 'Duskwell 24 dome carrier', 'body' => 'box', 'axles' => 2, 'ball_to_axle_mm' => 5150, 'gross_weight_kg' => 3180, 'sheet' => ['tongue_weight_kg' => 405, 'tongue_weight_by' => 'tongue_scale', 'cg_above_axle_mm' => 520, 'axle_group' => 'equalised', 'trailer_gvwr_kg' => 3400, 'trailer_gawr_kg' => 3200, 'one_axle_gawr_kg' => 1600, 'trailer_tyre_kpa' => 450, 'trailer_tyre_kg' => 860, 'fore_mark_mm' => 2400, 'aft_mark_mm' => 2400, 'frame_height_mm' => 402, 'fresh_tank_kg' => 150, 'fresh_tank_ahead_mm' => 1650, 'waste_tank_kg' => 110, 'waste_tank_ahead_mm' => -900, 'coupler_ball_mm' => 58.7, 'coupler_height_mm' => 486, 'coupler_gross_kg' => 3630, 'coupler_tongue_kg' => 540]],
        'hitch' => ['name' => 'Bramblejaw 550 chain hitch', 'bar_arm_mm' => 720, 'sheet' => ['family' => 'chain-snap-up', 'counting' => 'working', 'bar_rating_low_kg' => 270, 'bar_rating_high_kg' => 550, 'ball_gross_kg' => 4500, 'ball_size_mm' => 58.7, 'bar_length_mm' => 726, 'head_gap_mm' => 60, 'hang_mm' => 212, 'tip_clearance_mm' => 150, 'bracket_from_mm' => 680, 'bracket_to_mm' => 760, 'ball_nut_nm' => 610, 'head_bolts_nm' => 205, 'bracket_bolts_nm' => 68, 'pitch_mm' => 28.0, 'steps' => 8, 'tilt_deg' => 1.0, 'tilt_steps' => 6, 'ball_height_mm' => 500, 'shank_drop_mm' => -30, 'shank_rise_mm' => 70, 'head_hole_mm' => 32, 'head_holes' => 5]],
        'truth' => ['front_rate' => 12.4, 'rear_rate' => 9.1, 'front_alone' => 951, 'rear_alone' => 987, 'front_friction' => 24, 'rear_friction' => 70, 'tongue' => 402, 'cg' => 520, 'trailer_rate' => 52, 'bar_rate' => 5.9, 'ball_over' => 14],
    ],
    'seed library' => [
        'vehicle' => ['name' => 'Halverin Wayfare seven-seat', 'body' => 'SUV or van', 'wheelbase_mm' => 2985, 'overhang_mm' => 1240, 'front_suspension' => 'coil', 'rear_suspension' => 'coil', 'sheet' => ['vehicle_class' => 'family SUV or van', 'levelling' => 'rear', 'front_axle_kg' => 1120, 'rear_axle_kg' => 1010, 'front_gawr_kg' => 1300, 'rear_gawr_kg' => 1480, 'vehicle_gvwr_kg' => 2700, 'receiver_carrying_kg' => 160, 'receiver_distributing_kg' => 270, 'receiver_height_mm' => 455]],
        'trailer' => ['name' => 'Pipkin & Reed 18 seed library', 'body' => 'caravan', 'axles' => 1, 'ball_to_axle_mm' => 4280, 'gross_weight_kg' => 1720, 'sheet' => ['tongue_weight_kg' => 224, 'tongue_weight_by' => 'bathroom_scale', 'trailer_gvwr_kg' => 1850, 'coupler_height_mm' => 462]],
        'hitch' => ['name' => 'Bramblejaw 270 chain hitch', 'bar_arm_mm' => 640, 'sheet' => ['family' => 'chain-snap-up', 'counting' => 'taken up', 'bar_rating_low_kg' => 120, 'bar_rating_high_kg' => 270, 'ball_height_mm' => 472]],
        'truth' => ['front_rate' => 9.6, 'rear_rate' => 8.2, 'front_alone' => 842, 'rear_alone' => 858, 'front_friction' => 18, 'rear_friction' => 22, 'tongue' => 224, 'cg' => 480, 'trailer_rate' => 36, 'bar_rate' => 3.4, 'ball_over' => 10],
    ],
    'glassblowing stage' => [
        'vehicle' => ['name' => 'Ostrander 750 long bed', 'body' => 'pick-up', 'wheelbase_mm' => 4060, 'overhang_mm' => 1420, 'front_suspension' => 'leaf', 'rear_suspension' => 'leaf', 'sheet' => ['vehicle_class' => 'three-quarter-ton pick-up', 'levelling' => 'none', 'front_axle_kg' => 1890, 'rear_axle_kg' => 1460, 'front_gawr_kg' => 2270, 'rear_gawr_kg' => 2880, 'vehicle_gvwr_kg' => 4540, 'gcwr_kg' => 10400, 'receiver_carrying_kg' => 540, 'receiver_distributing_kg' => 820, 'receiver_height_mm' => 560]],
        'trailer' => ['name' => 'Cinderway furnace stage', 'body' => 'box', 'axles' => 3, 'ball_to_axle_mm' => 5900, 'gross_weight_kg' => 4420, 'sheet' => ['tongue_weight_kg' => 590, 'tongue_weight_by' => 'gauge', 'axle_group' => 'equalised', 'one_axle_gawr_kg' => 1600, 'trailer_tyre_kpa' => 550, 'trailer_tyre_kg' => 900, 'frame_height_mm' => 430, 'tray_from_mm' => 790, 'tray_to_mm' => 1010, 'fresh_tank_kg' => 220, 'fresh_tank_ahead_mm' => -1200, 'trailer_gvwr_kg' => 4400, 'trailer_gawr_kg' => 4700, 'coupler_height_mm' => 512, 'coupler_gross_kg' => 4540, 'coupler_tongue_kg' => 680]],
        'hitch' => ['name' => 'Hobnail 640 friction bracket', 'bar_arm_mm' => 760, 'sheet' => ['family' => 'friction-bracket', 'bar_rating_low_kg' => 450, 'bar_rating_high_kg' => 640, 'ball_gross_kg' => 5400, 'bar_length_mm' => 764, 'head_gap_mm' => 50, 'hang_mm' => 170, 'tip_clearance_mm' => 150, 'bracket_from_mm' => 700, 'bracket_to_mm' => 820, 'head_bolts_nm' => 240, 'bracket_bolts_nm' => 90, 'pitch_mm' => 25.0, 'steps' => 6, 'tilt_deg' => 1.1, 'tilt_steps' => 6, 'ball_height_mm' => 530, 'shank_drop_mm' => -60, 'shank_rise_mm' => 90, 'head_hole_mm' => 32, 'head_holes' => 6]],
        'truth' => ['front_rate' => 15.2, 'rear_rate' => 13.4, 'front_alone' => 1014, 'rear_alone' => 1052, 'front_friction' => 36, 'rear_friction' => 90, 'tongue' => 585, 'cg' => 560, 'trailer_rate' => 74, 'bar_rate' => 6.8, 'ball_over' => 18],
    ],
    'puppet theatre' => [
        'vehicle' => ['name' => 'Pellin Sparrow hatch', 'body' => 'crossover', 'wheelbase_mm' => 2640, 'overhang_mm' => 1060, 'front_suspension' => 'coil', 'rear_suspension' => 'coil', 'sheet' => ['vehicle_class' => 'small crossover', 'levelling' => 'none', 'maker_says' => 'silent']],
        'trailer' => ['name' => 'Thimblewood folding theatre', 'body' => 'pop-up', 'axles' => 1, 'ball_to_axle_mm' => 3700, 'gross_weight_kg' => 980, 'sheet' => ['tongue_weight_by' => 'estimate']],
        'hitch' => ['name' => 'Bramblejaw 270 chain hitch', 'bar_arm_mm' => 610, 'sheet' => ['family' => 'chain-rotating-latch', 'bar_rating_high_kg' => 270]],
        'truth' => ['front_rate' => 7.8, 'rear_rate' => 6.9, 'front_alone' => 731, 'rear_alone' => 738, 'front_friction' => 16, 'rear_friction' => 16, 'tongue' => 118, 'cg' => 260, 'trailer_rate' => 24, 'bar_rate' => 2.9, 'ball_over' => 6],
    ],
    'bell tower' => [
        'vehicle' => ['name' => 'Corvane Drover short cab', 'body' => 'pick-up', 'wheelbase_mm' => 3520, 'overhang_mm' => 1290, 'front_suspension' => 'coil', 'rear_suspension' => 'leaf', 'sheet' => ['vehicle_class' => 'half-ton pick-up', 'levelling' => 'none', 'front_axle_kg' => 1400, 'rear_axle_kg' => 1100, 'front_gawr_kg' => 1700, 'rear_gawr_kg' => 1840, 'receiver_carrying_kg' => 230, 'receiver_distributing_kg' => 450]],
        'trailer' => ['name' => 'Tenor & Treble practice tower', 'body' => 'tall', 'axles' => 2, 'ball_to_axle_mm' => 4900, 'gross_weight_kg' => 2760, 'sheet' => ['tongue_weight_kg' => 340, 'tongue_weight_by' => 'bathroom_scale', 'cg_above_axle_mm' => 960, 'axle_group' => 'equalised', 'trailer_gvwr_kg' => 3000]],
        'hitch' => ['name' => 'Twistlatch 450 chain hitch', 'bar_arm_mm' => 690, 'sheet' => ['family' => 'chain-rotating-latch', 'bar_rating_low_kg' => 270, 'bar_rating_high_kg' => 450, 'ball_height_mm' => 495]],
        'truth' => ['front_rate' => 12.0, 'rear_rate' => 9.6, 'front_alone' => 944, 'rear_alone' => 972, 'front_friction' => 22, 'rear_friction' => 64, 'tongue' => 345, 'cg' => 960, 'trailer_rate' => 48, 'bar_rate' => 5.1, 'ball_over' => 12],
    ],
];
