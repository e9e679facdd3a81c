<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exception;

use InvalidArgumentException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

/** A text that is no code of an exercise. */
final class UnknownCode extends InvalidArgumentException implements CoreException
{
    use Expecting;

    private function __construct(
        /** What was typed. */
        public readonly string $typed,
        /** Whether its form is right and one digit is not. */
        public readonly bool $isSlip,
        private readonly Expected $expected,
    ) {
        parent::__construct($expected->text());
    }

    public static function unreadable(string $typed): self
    {
        return new self($typed, false, Expected::of('exercise.code'));
    }

    public static function slipped(string $typed): self
    {
        return new self($typed, true, Expected::of('exercise.slipped'));
    }
}
