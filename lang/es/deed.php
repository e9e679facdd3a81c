<?php

declare(strict_types=1);

// What the record of deeds says, by deed.
return [
    'nothing' => 'nada',
    'role' => ['owner' => 'dueño', 'fitter' => 'montador', 'desk' => 'recepción'],
    'signed-in' => 'Entró desde :address.',
    'sign-in-slowed' => 'La entrada como :email desde :address se frenó: demasiados intentos.',
    'session-ended' => 'Se cerró la sesión de :name en otros aparatos.',
    'password-changed' => 'Nueva contraseña para :name.',
    'invited' => 'Invitó a :name como :role.',
    'joined' => ':name entró como :role.',
    'reset-link-made' => 'Hizo a :name un enlace para elegir contraseña.',
    'role-changed' => ':name es :role.',
    'left' => ':name se fue.',
    'job-exported' => 'Exportó el trabajo :job, :title.',
    'shop-exported' => 'Sacó la copia :file del servidor.',
    'job-imported' => 'Importó :file: :title, :readings lecturas.',
    'backed-up' => 'Copia de seguridad en :file.',
    'restored' => 'Restauró :file. Lo que había antes está guardado en :kept.',
    'card-shared' => 'Hizo un enlace privado a la tarjeta del trabajo :job.',
    'card-revoked' => 'Revocó un enlace privado a la tarjeta del trabajo :job.',
    'rating-changed' => ':part, :field: de :from a :to.',
    'setting-changed' => ':change',
    'token-made' => 'Creó el token :token para programas.',
    'token-revoked' => 'Revocó el token :token.',
    'customer-exported' => 'Exportó los datos del cliente :customer.',
    'customer-erased' => 'Borró al cliente :customer.',
];
