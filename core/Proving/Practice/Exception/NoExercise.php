<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exception;

use RuntimeException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

/** A rig that nobody can practise on. */
final class NoExercise extends RuntimeException implements CoreException
{
    use Expecting;

    private function __construct(
        /** Whether its hitch has nothing to set at all. */
        public readonly bool $hasNothingToSet,
        private readonly Expected $expected,
    ) {
        parent::__construct($expected->text());
    }

    public static function nothingToSet(): self
    {
        return new self(true, Expected::of('exercise.nothing_to_set'));
    }

    public static function insoluble(): self
    {
        return new self(false, Expected::of('exercise.insoluble'));
    }
}
