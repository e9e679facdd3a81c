<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

use Yoke\Foundation\Units\Internal\Quantity;

/**
 * A length or a difference of lengths, kept in millimetres. 1 in = 25.4 mm exactly.
 */
final readonly class Length
{
    use Quantity;

    private const MILLIMETRES_PER_INCH = 25.4;

    public static function ofMillimetres(float $millimetres): self
    {
        return new self($millimetres);
    }

    public static function ofInches(float $inches): self
    {
        return new self($inches * self::MILLIMETRES_PER_INCH);
    }

    public static function of(float $amount, LengthUnit $unit): self
    {
        return new self($amount * $unit->millimetres());
    }

    public function millimetres(): float
    {
        return $this->canonical;
    }

    public function inches(): float
    {
        return $this->canonical / self::MILLIMETRES_PER_INCH;
    }
}
