<?php

declare(strict_types=1);

return [
    'name' => 'chain and snap-up bracket',
    'steps' => ['link' => ['link', 'links'], 'washer' => ['washer', 'washers'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 27.5, 'steps' => 8],
    'sway' => 'none, or a separate friction bar',
    'control' => 'separate',
    'sway_checks' => [
        ['chains', 'Chains hang square and untwisted, the same links on both sides', 'Count the links from the same end on both sides; untwist before hooking up.'],
        ['friction_bar', 'The separate friction bar, where there is one, is on, clean and at its sheet\'s tension', 'Clean its faces, set its handle by the sheet; slack or off before reversing and where it is slippery, as the sheet says.'],
    ],
    'bars_on' => [
        ['Put the bars in the head and hook each chain at the marked link, untwisted.', 'A twisted chain is a link shorter.', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
        ['Snap the brackets up with the lift tool, and put their pins in.', 'The bracket springs back hard without its pin.', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'bars_off' => [
        ['Take the pins out and let each bracket down with the lift tool.', 'The bracket springs back hard.', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
        ['Unhook the chains and take the bars out of the head.', '', ''],
    ],
    'grease' => 'Ball, head sockets.',
    'wear' => 'Chains, snap-up brackets and their pins, clips, coupler pin; the faces of a separate friction bar.',
    'quirks' => [
        'Some come off before reversing, as their sheet says.',
        'Chains hang square to the frame and untwisted.',
        'The bracket springs back hard: fingers clear.',
    ],
];
