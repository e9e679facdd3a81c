<?php

declare(strict_types=1);

namespace Yoke\Units\Exception;

use InvalidArgumentException;
use Yoke\CoreException;

final class UnreadableLength extends InvalidArgumentException implements CoreException
{
    private function __construct(string $message, private readonly string $typed)
    {
        parent::__construct($message);
    }

    public static function empty(string $typed = ''): self
    {
        return new self('Nothing is typed here yet. Expected a length such as 38 1/2 or 978 mm.', $typed);
    }

    public static function text(string $typed): self
    {
        return new self('This does not read as a length. Expected something like 38 1/2, 38.5 in, 3\' 2 1/2", 978 mm or 97.8 cm.', $typed);
    }

    public static function fractionNotBelowOne(string $typed, int $numerator, int $denominator): self
    {
        return new self("Expected a fraction smaller than one, such as 1/2 or 15/16, and {$numerator}/{$denominator} is not.", $typed);
    }

    public static function notOnATape(string $typed, int $numerator, int $denominator): self
    {
        return new self("Expected halves, quarters, eighths, sixteenths, thirty-seconds or sixty-fourths as on a tape, and {$numerator}/{$denominator} is none of these.", $typed);
    }

    public static function feetWithMetric(string $typed): self
    {
        return new self('Expected inches after feet, such as 3\' 2 1/2", and found a metric unit.', $typed);
    }

    public static function inchesBeyondAFoot(string $typed): self
    {
        return new self('Expected fewer than 12 inches after feet, such as 3\' 2 1/2".', $typed);
    }

    public function typed(): string
    {
        return $this->typed;
    }
}
