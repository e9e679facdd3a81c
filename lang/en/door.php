<?php

declare(strict_types=1);

// The front door: a new job.
return [
    'title' => 'New job',
    'lead' => 'Only a title is required. Everything else can be added later; until then it is assumed, and the job says what is most worth measuring.',
    'job' => ['label' => 'Customer and rig', 'hint' => 'As you would call it across the yard'],
    'vehicle' => ['label' => 'Vehicle', 'hint' => 'Type a few letters to find it in the garage, or a new name'],
    'trailer' => ['label' => 'Trailer', 'hint' => 'Type a few letters to find it in the garage, or a new name'],
    'hitch' => ['label' => 'Hitch', 'hint' => 'Type a few letters to find it in the garage, or a new name'],
    'from_garage' => 'From the garage',
    'new_instead' => 'Enter a new one instead',
    'found' => 'In the garage',
    'none_found' => 'Not in the garage: it will be a new one.',
    'family' => 'Family',
    'family_later' => 'Not known yet',
    'dimensions' => 'Dimensions, if you have them',
    'axles' => ['label' => 'Axles', 'one' => 'One', 'two' => 'Two', 'three' => 'Three'],
    'gross' => 'Gross weight, :unit',
    'tongue' => ['label' => 'Tongue weight', 'hint' => 'Level, :unit'],
    'rated_from' => 'Bars rated from, :unit',
    'rated_to' => 'Bars rated to, :unit',
    'wheelbase' => ['label' => 'Wheelbase', 'hint' => 'Axle to axle, :unit'],
    'overhang' => ['label' => 'Overhang', 'hint' => 'Rear axle to ball, :unit'],
    'ball_to_axle' => ['label' => 'Ball to axle', 'hint' => 'To the centre of the axle group, :unit'],
    'bar_arm' => ['label' => 'Bar arm', 'hint' => 'Ball to hook-up point along the frame, :unit'],
    'later' => [
        'vehicle_class' => 'Not known yet',
        'levelling' => 'None known',
        'lift_use' => 'In use',
        'counting' => 'As usual for the family',
        'body' => 'As usual',
        'front_suspension' => 'As usual',
        'rear_suspension' => 'As usual',
    ],
    'arrived_coupled' => 'It arrived coupled: take it over',
    'start' => 'Start job',
    'problems' => '{1} One field needs another look; everything you typed is still here.|[2,*] :count fields need another look; everything you typed is still here.',
];
