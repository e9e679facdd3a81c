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
    'quirks' => [
        'Cams stand centred on the crown when the rig is straight.',
        'Little or no grease on them; noise in tight turns is normal.',
    ],
];
