<?php

declare(strict_types=1);

/*
 * What whoever runs the server sets for a shop. What the shop itself holds to is chosen on its page Settings.
 */

return [
    // Where the shop is reached from outside, as https://shop.example; links that are handed out begin with it. Empty: as asked.
    'address' => rtrim((string) env('YOKE_ADDRESS', ''), '/'),
    // Addresses of the servers in front that are believed about who asked, separated by commas.
    'proxies' => env('YOKE_PROXIES', ''),
    // Backups: their folder, a second one on another disk, and the passphrase that encrypts them.
    'backups_second' => env('YOKE_BACKUPS_SECOND', ''),
    'backup_passphrase' => env('YOKE_BACKUP_PASSPHRASE', ''),
    'backups' => env('YOKE_BACKUPS', storage_path('app/backups')),
];
