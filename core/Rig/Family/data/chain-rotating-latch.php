<?php

declare(strict_types=1);

return [
    'name' => 'chain and rotating latch',
    'steps' => ['link' => ['link', 'links'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 27.5, 'steps' => 9],
    'sway' => 'the tension of the bars in the head',
    'control' => 'head',
    'sway_checks' => [
        ['latches', 'Both latches turned home, and their pins in', 'Turn each latch home and pin it; the chain runs round opposite sides.'],
        ['sockets', 'Head sockets greased, no play in them', 'Grease by the sheet; worn sockets are the maker\'s business.'],
    ],
    'quirks' => [
        'The same latch stands on both sides, so that the chain runs round opposite sides.',
        'Each latch locks with its pin.',
    ],
];
