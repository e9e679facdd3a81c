<?php

declare(strict_types=1);

return [
    'cautions' => 'Calce antes de desacoplar. Nunca debajo de un remolque sobre su gato. El cable de emergencia al vehículo, no a las cadenas de seguridad. Nunca por encima de un límite: la distribución no sube ninguno.',
    'small_adjuster' => 'Para una carga que cambió, cambie solo los :many.',
];
