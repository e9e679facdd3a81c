<?php

declare(strict_types=1);

return [
    'not_weighed' => 'not weighed',
    'arrow' => ['front_axle' => 'Front axle', 'rear_axle' => 'Rear axle', 'trailer_axles' => 'Trailer axles'],
];
