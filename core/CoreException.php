<?php

declare(strict_types=1);

namespace Yoke;

use Throwable;

/**
 * Marks every exception that the core throws on purpose.
 *
 * Its message is a sentence for the person at the bench: what was expected, in plain words.
 */
interface CoreException extends Throwable
{
}
