<?php

declare(strict_types=1);

return [
    'show' => [
        'which' => 'Which',
        'each' => 'Each vehicle, hitch and trailer by itself (:count)',
        'title' => 'Experience of the shop',
        'lead' => 'What finished jobs told whose readings hang together. New jobs start from it, as far as it goes, and keep what they started from.',
        'what' => 'What',
        'among' => 'Among',
        'jobs' => 'Jobs',
        'textbook' => 'Textbook',
        'learned' => 'Learned',
        'switched_off' => 'Not used',
        'nothing_yet' => 'Nothing was learned yet. Once a job is handed over whose alone, dropped and carried heights hang together, it shows here.',
        'repeats' => 'Heights taped again',
        'who' => 'Who, or what',
        'times' => 'Repeats',
        'switch' => 'Switch a source off',
        'looked_at' => ':count finished jobs looked at.',
    ],
];
