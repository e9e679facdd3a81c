<?php

declare(strict_types=1);

// Readings that a helper calls at the fender while another types.
return [
    'open' => 'Dictar',
    'close' => 'Terminar el dictado',
    'lead' => 'Uno mide y dicta, el otro escribe. Cada valor se muestra en grande antes de guardarse.',
    'preferences' => 'Cómo se dictan las lecturas',
    'sixteenths' => '38 6 quiere decir 38 6/16',
    'pause' => 'Pasar al campo siguiente',
    'pauses' => ['0' => 'Solo cuando yo lo haga', '1000' => 'Tras 1 segundo', '1500' => 'Tras 1,5 segundos', '2500' => 'Tras 2,5 segundos', '4000' => 'Tras 4 segundos'],
    'aloud' => 'Leer los valores en voz alta, donde este aparato tenga voz',
    'save' => 'Guardar preferencias',
    'millimetres' => 'milímetros',
    'and' => ':whole y :fraction',
    'said' => ':place, :value',
    'fraction' => [
        'one' => ['2' => 'un medio', '4' => 'un cuarto', '8' => 'un octavo', '16' => 'un dieciseisavo', '32' => 'un treintaidosavo'],
        'many' => ['2' => ':count medios', '4' => ':count cuartos', '8' => ':count octavos', '16' => ':count dieciseisavos', '32' => ':count treintaidosavos'],
    ],
];
