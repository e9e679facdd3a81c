<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

use Yoke\Foundation\Units\Internal\Quantity;

/**
 * A weight or a vertical load as a weighbridge shows it, kept in kilograms (1 kg = 1 kgf).
 * 1 lb = 0.45359237 kg exactly.
 */
final readonly class Load
{
    use Quantity;

    private const KILOGRAMS_PER_POUND = 0.45359237;

    public static function ofKilograms(float $kilograms): self
    {
        return new self($kilograms);
    }

    public static function ofPounds(float $pounds): self
    {
        return new self($pounds * self::KILOGRAMS_PER_POUND);
    }

    public function kilograms(): float
    {
        return $this->canonical;
    }

    public function pounds(): float
    {
        return $this->canonical / self::KILOGRAMS_PER_POUND;
    }
}
