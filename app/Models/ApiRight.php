<?php

declare(strict_types=1);

namespace App\Models;

/** What a token may do. The value is its key in words and in the OpenAPI file. */
enum ApiRight: string
{
    case ReadJobs = 'jobs:read';
    case ReadRigs = 'rigs:read';
    case PostReadings = 'readings:write';
}
