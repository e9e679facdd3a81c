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
    'take_back' => ['off' => 'off or at their minimum', 'on' => 'on again', 'rear' => 'Rear fender from alone, :when', 'bars' => 'Bars at the hook-up point, :when', 'restored' => 'Front axle load restored, :when'],
];
