<?php

declare(strict_types=1);

// What the shop has learned from its finished jobs.
return [
    'source' => [
        'front_rate' => 'Front springs',
        'rear_rate' => 'Rear springs',
        'bar_rate' => 'Bars against their rating',
        'tension' => 'Tension of the middle setting',
        'trailer_rate' => 'Trailer springs',
        'pace' => 'Time that a job takes',
        'reader' => 'Tape of a person',
        'friction' => 'Springs that stick, rolled',
    ],
    'group' => ['jobs' => 'all jobs', 'bars' => 'all hitches', 'coil' => 'coil springs', 'leaf' => 'leaf springs'],
    'from_usual' => ':off % from usual, ± :doubt %',
    'from_usual_mm' => ':off from usual, ± :doubt',
    'textbook' => 'usual, ± :doubt %',
    'textbook_mm' => 'usual, ± :doubt',
    'used' => ':source: :says, from :jobs finished jobs (:own with this one).',
    'used_repeats' => ':source: :says, from :jobs repeats.',
];
