<?php

declare(strict_types=1);

return [
    'middle_setting' => 'The middle setting is taken to bend the bars by',
    'adjuster' => ':adjuster, from its middle',
    'restored' => 'Front axle load restored',
    'doubt' => 'Doubt of it by the :parameter, ±',
    'parameter' => [
        'front_rate' => 'front springs', 'rear_rate' => 'rear springs', 'tongue_weight' => 'tongue weight', 'trailer_rate' => 'trailer springs', 'cg_height' => 'centre of gravity', 'bar_rate' => 'bar rate', 'tension' => 'tension that nobody measured',
        'ball_over_coupler' => 'ball height', 'wheelbase' => 'wheelbase', 'overhang' => 'overhang', 'ball_to_axle' => 'length from ball to axle', 'bar_arm' => 'bar arm', 'gross_weight' => 'gross weight',
    ],
    'ball' => [
        'tongue_weight' => 'Tongue weight, level and bars off',
        'bars' => 'Bars, at the hook-up point, that restore :share % of the front axle load',
        'load' => 'Load that the trailer leaves on the vehicle',
        'rear_gains' => 'The rear axle gains',
        'rear_sinks' => 'Rear springs of :rate sink by',
        'front_rises' => 'Front springs of :rate rise by',
        'ball_sinks' => 'The ball, behind the rear axle, sinks by',
        'axles_sink' => "The trailer's axles, loaded by the bars, sink by",
        'over_coupler' => 'Ball over coupler to start with: the difference',
    ],
    'height' => [
        'tongue_weight_on_front' => 'The tongue weight changes the front axle by',
        'tongue_weight_on_rear' => 'The tongue weight changes the rear axle by',
        'bars' => 'The bars change it by',
        'fender_rises' => 'On springs of :rate the fender rises by',
    ],
    'shank' => [
        'receiver' => 'Receiver above the ground',
        'first_hole_drop' => 'From there to its first hole, in drop',
        'first_hole_rise' => 'From there to its first hole, in rise',
        'holes_on' => ':holes holes further',
    ],
    'clearance' => [
        'frame' => 'Frame at the bars, trailer level',
        'rises' => 'Carried, it rises there by',
        'bar_hangs' => 'Less what the bar hangs below it',
    ],
    'rating' => [
        'all_bars' => 'All :bars bars, at the hook-up point',
        'gross' => 'Gross trailer weight',
        'less_on_vehicle' => 'Less what it leaves on the vehicle',
        'all_axles' => 'All trailer axles',
        'front_axle' => 'Front axle',
        'rear_axle' => 'Rear axle',
        'vehicle_alone' => 'Vehicle alone',
        'trailer' => 'Trailer',
        'alone' => 'Alone, as weighed',
        'tongue_weight' => 'Change by the tongue weight',
        'bars' => 'Change by the bars',
        'aboard' => 'People, cargo and hitch',
        'trailer_leaves' => 'The trailer leaves',
        'its_axle' => 'Its axle',
    ],
    'take_back' => [
        'off' => [
            'rear' => 'Rear fender from alone, off or at their minimum',
            'bars' => 'Bars at the hook-up point, off or at their minimum',
            'restored' => 'Front axle load restored, off or at their minimum',
        ],
        'on' => [
            'rear' => 'Rear fender from alone, on again',
            'bars' => 'Bars at the hook-up point, on again',
            'restored' => 'Front axle load restored, on again',
        ],
    ],
];
