<?php

declare(strict_types=1);

return [
    'heading' => 'Indicios, cada uno por sí solo:',
    'tape' => 'Cinta',
    'scale' => 'Báscula',
    'gauge' => 'Medidor',
    'level' => 'Nivel en el vehículo',
    'eye' => 'A ojo',
    'coupler' => 'Acoplador y remolque',
    'figure' => ':mean % ± :doubt',
    'differ' => ':One dice :a %, :other dice :b %. :why',
    'suspect_reading' => 'Una de estas lecturas está probablemente mal: vea la lectura que hay que comprobar.',
    'levelling' => 'La nivelación automática puede haber movido los guardabarros: mida con ella desconectada.',
    'friction' => 'Los muelles se quedan donde pararon: ruede adelante y atrás y mida otra vez. Una báscula cuenta más que una cinta.',
];
