<?php

declare(strict_types=1);

// Whose rigs they are.
return [
    'erased_name' => 'borrado',
    'expected_name' => 'Se esperaba un nombre de 1 a 120 caracteres, sin < ni >.',
    'expected_phone' => 'Se esperaba un teléfono como +1 555 0100, o nada.',
    'expected_mail' => 'Se esperaba una dirección de correo como owner@example.com, o nada.',
    'expected_consent' => 'Se esperaba su consentimiento: sin él no se guarda nada suyo.',
    'expected_sure' => 'Se esperaba la marca que dice que está seguro: no se borró nada.',
    'saved' => 'Guardado.',
    'erased' => 'Borrado. Lo que se midió queda, sin nombre. Las copias de seguridad hechas antes conservan el nombre hasta que se retiren.',
    'erased_job' => 'Trabajo :number',
    'erased_vehicle' => 'Vehículo :number',
    'erased_trailer' => 'Remolque :number',
    'erased_hitch' => 'Enganche :number',
];
