<?php

declare(strict_types=1);

return [
    'name' => 'bar on cam',
    'steps' => ['link' => ['link', 'links'], 'washer' => ['washer', 'washers'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 27.5, 'steps' => 8],
    'sway' => 'cams under the crown of the bars, restoring',
    'control' => 'cam',
    'sway_checks' => [
        ['cams', 'Cams stand under the bars\' crown when the rig is straight', 'Drive straight ahead a few lengths, then move the cam\'s bracket until crown and cam meet; the same on both sides.'],
        ['crowns', 'Crowns and cams are clean, little or no grease on them', 'Wipe them; a smear of grease at the most, where the sheet asks for it.'],
        ['cam_bolts', 'Cam brackets tight, arms not bent', 'Torque by the hitch\'s sheet; a bent arm is replaced.'],
    ],
    'bars_on' => [
        ['Put the bars in the head, swing each in over its cam, and hook its chain at the marked link.', 'The cam has to meet the crown, or it cannot restore.', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
        ['Close both brackets with the lift tool, and pin them.', 'A bracket springs back hard without its pin.', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
    ],
    'bars_off' => [
        ['Open the brackets with the lift tool, one side after the other, and let the chains down.', '', 'Fingers clear of bars and chains: they store a lot of energy. Use the lift tool, and jack higher if it is hard.'],
        ['Swing the bars off their cams and out of the head.', '', ''],
    ],
    'grease' => 'Ball, head sockets. Cams: sparingly or not at all, as their sheet says.',
    'wear' => 'Cams and the bars\' crown, chains, clips, coupler pin.',
    'quirks' => [
        'Cams stand centred on the crown when the rig is straight.',
        'Little or no grease on them; noise in tight turns is normal.',
    ],
];
