<?php

declare(strict_types=1);

return [
    'gauge_target' => 'Con barras debe mostrar :load.',
    'counted_from_end' => ':what se cuentan desde el extremo, según se recogen: más es más tenso.',
    'counted_working' => ':what se cuentan como los que trabajan, entre barra y gancho: menos es más tenso.',
    'cautions' => 'Calce antes de desacoplar. Nunca debajo de un remolque sobre su gato. El cable de emergencia al vehículo, no a las cadenas de seguridad. Nunca por encima de un límite: la distribución no sube ninguno.',
    'small_adjuster' => 'Para una carga que cambió, cambie solo los :many.',
];
