<?php

declare(strict_types=1);

return [
    'forbids' => 'El fabricante del vehículo prohíbe el reparto de peso: deje las barras fuera.',
    'range' => 'El fabricante del vehículo pide del :from al :to % de la carga del eje delantero recuperada. Esto manda sobre el margen del taller.',
    'range_missing' => 'El fabricante del vehículo tiene un margen propio: anótelo en el vehículo.',
    'weight_missing' => 'El fabricante del vehículo exige reparto de peso a partir de un peso de remolque: anótelo en el vehículo.',
    'required_above' => 'El fabricante del vehículo exige reparto de peso por encima de :from. Este remolque, :gross, puede ir sin él.',
    'required' => 'El fabricante del vehículo exige reparto de peso por encima de :from. Este remolque pesa :gross.',
];
