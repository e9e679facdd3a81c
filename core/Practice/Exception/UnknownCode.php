<?php

declare(strict_types=1);

namespace Yoke\Practice\Exception;

use InvalidArgumentException;
use Yoke\CoreException;

/** A text that is no code of an exercise. */
final class UnknownCode extends InvalidArgumentException implements CoreException
{
    private function __construct(
        /** What was typed. */
        public readonly string $typed,
        /** Whether its form is right and one digit is not. */
        public readonly bool $isSlip,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function unreadable(string $typed): self
    {
        return new self($typed, false, 'Expected a code such as 3-04721-7.');
    }

    public static function slipped(string $typed): self
    {
        return new self($typed, true, 'One digit of the code is wrong.');
    }
}
