<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Exception;

use InvalidArgumentException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class UnreadableLength extends InvalidArgumentException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $typed)
    {
        parent::__construct($expected->text());
    }

    public static function empty(string $typed = ''): self
    {
        return new self(Expected::of('length.empty'), $typed);
    }

    public static function text(string $typed): self
    {
        return new self(Expected::of('length.unreadable'), $typed);
    }

    public static function fractionNotBelowOne(string $typed, int $numerator, int $denominator): self
    {
        return new self(
            Expected::of('length.fraction_not_below_one', ['fraction' => "{$numerator}/{$denominator}"]),
            $typed,
        );
    }

    public static function notOnATape(string $typed, int $numerator, int $denominator): self
    {
        return new self(Expected::of('length.not_on_a_tape', ['fraction' => "{$numerator}/{$denominator}"]), $typed);
    }

    public static function feetWithMetric(string $typed): self
    {
        return new self(Expected::of('length.feet_with_metric'), $typed);
    }

    public static function inchesBeyondAFoot(string $typed): self
    {
        return new self(Expected::of('length.inches_beyond_a_foot'), $typed);
    }

    public function typed(): string
    {
        return $this->typed;
    }
}
