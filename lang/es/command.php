<?php

declare(strict_types=1);

// What commands print.
return [
    'rigs_played' => ':played de :rigs conjuntos, :seconds s',
    'worlds' => 'Se esperaba --world=plain, moderate o full, y :given no es ninguno.',
    'troubles' => 'Se esperaba --trouble=slip:dropped:rear (alone, dropped o carried; front o rear), miscount, levered, person, dip, jack, creep, tyres, other-side, reversed, swapped o sticky-tape, y :given no es ninguno.',
    'devices' => 'Los aparatos responden en :host::port.',
    'kept' => 'No conocido aquí, guardado y entregado: :pointer',
    'restored' => 'El taller se restauró de :file. Lo que había antes está guardado en :kept.',
    'learned' => 'Aprendido de :jobs trabajos terminados.',
    'swept' => 'Retirado: :files archivos de la caché.',
    'pruned' => 'Retirado, lo sustituyen otros más nuevos: :file',
    'restorable' => ':file está entero y se puede restaurar.',
    'backed_up' => 'El taller está en :file.',
    'no_such_job' => 'Se esperaba el número o la marca de un trabajo, y :asked no es ninguno.',
    'not_writable' => 'Se esperaba un archivo en el que se pueda escribir, y :file no lo es.',
    'if_exists' => 'Se esperaba --if-exists=merge, copy o stop.',
    'name_and_email' => 'Se esperaba un nombre en texto simple, una dirección de correo, y de los papeles owner, fitter o desk.',
    'owner_code' => 'El taller espera a su dueño: abra :address/first-owner y escriba el código :code',
    'has_people' => 'Este taller tiene a su gente: un dueño invita a otros en la página Personas.',
    'how_many' => 'Se esperaba al menos un trabajo, y al menos cuatro lecturas por trabajo.',
    'not_fresh' => 'Este taller tiene trabajos propios: se esperaba el taller de demostración, nuevo.',
];
