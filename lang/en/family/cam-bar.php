<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'bar on cam',
    'steps' => [
        'link' => ['one' => 'link', 'many' => 'links'],
        'washer' => ['one' => 'washer', 'many' => 'washers'],
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'cams under the crown of the bars, restoring',
    'sway_checks' => [
        'cams' => [
            'says' => "Cams stand under the bars' crown when the rig is straight",
            'remedy' => "Drive straight ahead a few lengths, then move the cam's bracket until crown and cam meet; the same on both sides.",
        ],
        'crowns' => [
            'says' => 'Crowns and cams are clean, little or no grease on them',
            'remedy' => 'Wipe them; a smear of grease at the most, where the data sheet asks for it.',
        ],
        'cam_bolts' => [
            'says' => 'Cam brackets tight, arms not bent',
            'remedy' => "Torque by the hitch's data sheet; a bent arm is replaced.",
        ],
    ],
    'bars_on' => [
        'hook' => [
            'does' => 'Put the bars in the head, swing each in over its cam, and hook its chain at the marked link.',
            'why' => 'The cam has to meet the crown, or it cannot restore.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'close' => [
            'does' => 'Close both brackets with the lift tool, and pin them.',
            'why' => 'A bracket springs back hard without its pin.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
    ],
    'bars_off' => [
        'open' => [
            'does' => 'Open the brackets with the lift tool, one side after the other, and let the chains down.',
            'caution' => 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.',
        ],
        'swing_off' => ['does' => 'Swing the bars off their cams and out of the head.'],
    ],
    'grease' => 'Ball, head sockets. Cams: sparingly or not at all, as their data sheet says.',
    'wear' => "Cams and the bars' crown, chains, clips, coupler pin.",
    'quirks' => [
        'Cams stand centred on the crown when the rig is straight.',
        'Little or no grease on them; noise in tight turns is normal.',
    ],
];
