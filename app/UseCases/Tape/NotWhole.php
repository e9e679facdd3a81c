<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use RuntimeException;

/** Not all of what belongs together could be written, so nothing was. */
final class NotWhole extends RuntimeException
{
    /** @param  array<string, SaveOutcome>  $outcomes  by field, as they would have been */
    public function __construct(public readonly array $outcomes)
    {
        parent::__construct('Nothing was written.');
    }
}
