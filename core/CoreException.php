<?php

declare(strict_types=1);

namespace Yoke;

use Throwable;

/**
 * Marks every exception that the core throws on purpose: a fact about what was expected, which the edge has words for.
 */
interface CoreException extends Throwable
{
    public function expected(): Expected;
}
