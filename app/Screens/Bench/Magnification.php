<?php

declare(strict_types=1);

namespace App\Screens\Bench;

/** How the drawing shows changes of height. The value is what stands in the address. */
enum Magnification: string
{
    case True = '1';
    case FiveTimes = '5';

    public function factor(): float
    {
        return (float) $this->value;
    }

    public function other(): self
    {
        return $this === self::True ? self::FiveTimes : self::True;
    }

    public static function asked(mixed $value): self
    {
        return is_string($value) ? self::tryFrom($value) ?? self::True : self::True;
    }
}
