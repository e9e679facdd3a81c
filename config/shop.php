<?php

declare(strict_types=1);

/*
 * What this shop holds to (docs/model.md). Doubts are one standard deviation: mm, kg, or a share of the value. Chances
 * are 0 to 1.
 */

return [
    'doubt' => [
        'tapeMm' => 0.9,
        'coilRolledMm' => 0.5,
        'leafRolledMm' => 1.1,
        'coilNotRolledMm' => 1.5,
        'leafNotRolledMm' => 3.5,
    ],
    'prior' => [
        'rideRate' => 0.30,
        'trailerRate' => 0.35,
        'cgHeight' => 0.35,
        'barRate' => 0.25,
        'barRateUnrated' => 0.40,
        'barRateFromSheet' => 0.05,
        'tensionTapedMm' => 6.0,
        'tensionNotTapedMm' => 25.0,
        'tensionUnknownMm' => 60.0,
        'ballOverCouplerTapedMm' => 3.0,
        'ballOverCouplerAssumedMm' => 25.0,
        'hangAssumedMm' => 40.0,
        'couplerMm' => 2.0,
        'weighbridgeKg' => 6.0,
        'ballLoad' => 0.03,
        'ballLoadAgain' => 0.006,
        'angleDegrees' => 0.1,
        'frictionKept' => 0.7,
        'frictionSide' => 1.0,
    ],
    'policy' => [
        'sure' => 0.96,
        'overUnsure' => 0.004,
        'goodEnough' => 0.90,
        'overDone' => 0.02,
        'hopeless' => 0.15,
        'worthReading' => 0.35,
        'readings' => 4,
        'before' => 2,
        'openSuspect' => 0.10,
        'overAllowed' => 0.10,
        'unseen' => 0.10,
        'offLevel' => 0.25,
        'minute' => 0.005,
    ],
    'tolerance' => [
        'squatMm' => 13.0,
        'couplerMm' => 6.0,
        'ballLoadShare' => 0.04,
        'bentMm' => 5.0,
        'noseUpDegrees' => 0.2,
        'noseDownDegrees' => 0.5,
        'farNoseDownDegrees' => 1.0,
    ],
    // Where the shop is reached from outside, as https://shop.example; links that are handed out begin with it. Empty: as asked.
    'address' => rtrim((string) env('YOKE_ADDRESS', ''), '/'),
    // Addresses of the servers in front that are believed about who asked, separated by commas.
    'proxies' => env('YOKE_PROXIES', ''),
    // Backups: their folder, a second one on another disk, the passphrase that encrypts them, and when the daily one is made.
    'backups_second' => env('YOKE_BACKUPS_SECOND', ''),
    'backup_passphrase' => env('YOKE_BACKUP_PASSPHRASE', ''),
    'backup_at' => env('YOKE_BACKUP_AT', '02:30'),
    'backups' => env('YOKE_BACKUPS', storage_path('app/backups')),
    'band' => ['from' => 0.5, 'to' => 1.0],
];
