<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

use Yoke\Foundation\Units\Internal\Quantity;

/**
 * An angle in the rig's side plane, kept in radians; nose-up is positive.
 */
final readonly class Angle
{
    use Quantity;

    public static function ofRadians(float $radians): self
    {
        return new self($radians);
    }

    public static function ofDegrees(float $degrees): self
    {
        return new self(deg2rad($degrees));
    }

    public function radians(): float
    {
        return $this->canonical;
    }

    public function degrees(): float
    {
        return rad2deg($this->canonical);
    }
}
