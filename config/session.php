<?php

declare(strict_types=1);

// Sessions live in files, so that a page can still say in words that the database is out of reach.
return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 7,
    'cookie' => 'ivy_yoke_session',
    'secure' => str_starts_with((string) env('YOKE_ADDRESS', ''), 'https://'),
    'files' => storage_path('framework/sessions'),
];
