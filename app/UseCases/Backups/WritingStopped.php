<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use RuntimeException;

/** A backup is being restored: nobody writes until it is done. */
final class WritingStopped extends RuntimeException
{
}
