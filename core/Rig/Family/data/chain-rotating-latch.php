<?php

declare(strict_types=1);

return [
    'name' => 'chain and rotating latch',
    'steps' => ['link' => ['link', 'links'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 27.5, 'steps' => 9],
    'sway' => 'the tension of the bars in the head',
    'quirks' => [
        'The same latch stands on both sides, so that the chain runs round opposite sides.',
        'Each latch locks with its pin.',
    ],
];
