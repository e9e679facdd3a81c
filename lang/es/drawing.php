<?php

declare(strict_types=1);

return [
    'not_weighed' => 'sin pesar',
    'arrow' => ['front_axle' => 'Eje delantero', 'rear_axle' => 'Eje trasero', 'trailer_axles' => 'Ejes del remolque'],
];
