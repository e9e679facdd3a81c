<?php

declare(strict_types=1);

/*
 * Where the yard's devices answer (docs/devices.md). The simulated ones are started by bin/demo. Patience, in seconds, is
 * what a page waits for one line; the browser asks again until a display stands still.
 */

return [
    'host' => env('YOKE_DEVICES_HOST', '127.0.0.1'),
    'port' => (int) env('YOKE_DEVICES_PORT', 9000),
    'patience' => 0.4,
];
