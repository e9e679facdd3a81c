<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

use Yoke\Foundation\Units\Internal\Quantity;

/**
 * The pressure in a tyre or an air spring, kept in kilopascals. 1 psi = 6.894757293 kPa, 1 bar = 100 kPa.
 */
final readonly class Pressure
{
    use Quantity;

    private const KILOPASCALS_PER_PSI = 6.894757293168;

    public static function ofKilopascals(float $kilopascals): self
    {
        return new self($kilopascals);
    }

    public static function ofPoundsPerSquareInch(float $psi): self
    {
        return new self($psi * self::KILOPASCALS_PER_PSI);
    }

    public static function ofBars(float $bars): self
    {
        return new self($bars * 100.0);
    }

    public function kilopascals(): float
    {
        return $this->canonical;
    }

    public function poundsPerSquareInch(): float
    {
        return $this->canonical / self::KILOPASCALS_PER_PSI;
    }
}
