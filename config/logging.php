<?php

declare(strict_types=1);

// A log that cannot be written, as on a full disk, breaks no answer.
return [
    'default' => 'kept',
    'channels' => [
        'kept' => ['driver' => 'stack', 'channels' => [env('LOG_CHANNEL', 'single')], 'ignore_exceptions' => true],
    ],
];
