<?php

declare(strict_types=1);

return [
    'name' => 'bar on cam',
    'steps' => ['link' => ['link', 'links'], 'washer' => ['washer', 'washers'], 'head' => ['hole', 'holes']],
    'usual' => ['pitch_mm' => 27.5, 'steps' => 8],
    'sway' => 'cams under the crown of the bars, restoring',
    'quirks' => [
        'Cams stand centred on the crown when the rig is straight.',
        'Little or no grease on them; noise in tight turns is normal.',
    ],
];
