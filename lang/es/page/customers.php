<?php

declare(strict_types=1);

return [
    'index' => [
        'customers' => 'Clientes',
        'find' => 'Nombre o teléfono',
        'search' => 'Buscar',
        'new' => 'Añadir cliente',
        'nobody' => 'No se guarda ningún cliente. Añada uno desde un conjunto del registro, con su consentimiento.',
        'name' => 'Nombre',
        'phone' => 'Teléfono',
        'rigs' => 'Conjuntos',
    ],
    'edit' => [
        'new' => 'Cliente nuevo',
        'name' => 'Nombre',
        'phone' => 'Teléfono',
        'mail' => 'Correo',
        'agreed' => 'Acepta que el taller guarde esto.',
        'agreed_on' => 'Aceptado el :on, lo preguntó :person',
        'for_rig' => 'Para :rig',
        'save' => 'Guardar cliente',
        'rigs' => 'Conjuntos',
        'their_data' => 'Sus datos',
        'export' => 'Exportar como archivo',
        'erase_lead' => 'Borrar quita nombre, teléfono, correo, notas, llamadas y fotografías, cierra los enlaces privados y da números por nombres a los trabajos y piezas que son solo suyos. Lo medido se queda.',
        'sure' => 'Estoy seguro. Esto no se puede deshacer.',
        'erase' => 'Borrar cliente',
    ],
    'rig' => [
        'customer' => 'Cliente',
        'nobody' => 'Ninguno',
        'save' => 'Guardar',
        'add' => 'Añadir cliente',
    ],
];
