<?php

declare(strict_types=1);

/*
 * What this shop holds to. Doubts are one standard deviation in mm (docs/model.md).
 */

return [
    'doubt' => [
        'tapeMm' => 0.9,
        'coilRolledMm' => 0.5,
        'leafRolledMm' => 1.1,
        'coilNotRolledMm' => 1.5,
        'leafNotRolledMm' => 3.5,
    ],
    'band' => ['from' => 0.5, 'to' => 1.0],
];
