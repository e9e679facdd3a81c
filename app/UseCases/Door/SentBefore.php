<?php

declare(strict_types=1);

namespace App\UseCases\Door;

use Illuminate\Contracts\Debug\ShouldntReport;
use RuntimeException;

/** The same sending is here already; nothing of this one was written. */
final class SentBefore extends RuntimeException implements ShouldntReport
{
}
