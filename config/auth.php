<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'resets'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => App\Models\User::class]],
    // Minutes that a link to choose a password is good for, and seconds before another is mailed.
    'passwords' => [
        'resets' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60],
        'invitations' => ['provider' => 'users', 'table' => 'invitation_tokens', 'expire' => 60 * 24 * 7, 'throttle' => 0],
    ],
    // Seconds after which what concerns the whole shop asks for the password again.
    'password_timeout' => 600,
];
