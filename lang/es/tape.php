<?php

declare(strict_types=1);

// Where heights are typed.
return [
    'save' => 'Guardar alturas',
    'rolled' => 'Rodado adelante y atrás',
    'pad' => 'Teclas',
    'one_height' => 'Una altura por eje',
    'left_and_right' => 'Izq. y der.',
    'again' => 'Medir otra vez',
    'go_on_without' => 'Guarde otra vez para seguir sin ello.',
    'log' => 'Registro de medidas',
];
