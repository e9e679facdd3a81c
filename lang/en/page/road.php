<?php

declare(strict_types=1);

return [
    'form' => [
        'note' => 'Note',
        'highest_speed' => 'Highest speed',
        'distance' => 'Distance',
    ],
    'panel' => [
        'road_test_result' => 'Road test result',
        'record_what_was_felt_even' => 'Record what was felt, even if it was nothing: the next visit compares with it. Causes are listed here with the station to return to.',
        'up_to' => ':driven_at, :distance_km, up to :speed_kmh',
        'nothing_points_at_the_set' => 'Nothing points at the set-up.',
        'a_record_of_what_was' => 'A record of what was driven and felt. No speed is called safe.',
        'if_it_sways_on_the' => 'If it sways on the road',
    ],
];
