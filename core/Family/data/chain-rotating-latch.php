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
    'bars_on' => [
        ['Put the bars in the head, and lay each chain in its latch at the marked link; it runs round opposite sides.', 'The same latch stands on both sides.', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
        ['Turn both latches home with the lift tool, and put their pins in.', 'A latch without its pin opens on a bump.', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'bars_off' => [
        ['Take the pins out, hold each latch with the lift tool and let it turn back.', 'It turns by itself once it is past the middle.', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
        ['Take the bars out of the head.', '', ''],
    ],
    'grease' => 'Ball, and the head as its sheet says: where the bars\' load in the head holds against sway, no grease there.',
    'wear' => 'Bars\' ends and head, chains, latches and their pins, coupler pin.',
    'quirks' => [
        'The same latch stands on both sides, so that the chain runs round opposite sides.',
        'Each latch locks with its pin.',
    ],
];
