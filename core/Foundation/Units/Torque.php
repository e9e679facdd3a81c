<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

use Yoke\Foundation\Units\Internal\Quantity;

/**
 * The torque of a fastener, kept in newton metres. 1 lb·ft = 1.3558179483 N·m.
 */
final readonly class Torque
{
    use Quantity;

    private const NEWTON_METRES_PER_POUND_FOOT = 1.3558179483;

    public static function ofNewtonMetres(float $newtonMetres): self
    {
        return new self($newtonMetres);
    }

    public static function ofPoundFeet(float $poundFeet): self
    {
        return new self($poundFeet * self::NEWTON_METRES_PER_POUND_FOOT);
    }

    public function newtonMetres(): float
    {
        return $this->canonical;
    }

    public function poundFeet(): float
    {
        return $this->canonical / self::NEWTON_METRES_PER_POUND_FOOT;
    }
}
