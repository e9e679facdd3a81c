<?php

declare(strict_types=1);

namespace Yoke\Practice\Exception;

use RuntimeException;
use Yoke\CoreException;

/** A rig that nobody can practise on. */
final class NoExercise extends RuntimeException implements CoreException
{
    private function __construct(
        /** Whether its hitch has nothing to set at all. */
        public readonly bool $hasNothingToSet,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function nothingToSet(): self
    {
        return new self(true, 'Expected a hitch whose setting can be changed.');
    }

    public static function insoluble(): self
    {
        return new self(false, 'No setting of this hitch brings this rig into range.');
    }
}
