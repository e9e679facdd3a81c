<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

/**
 * What of every rig is in doubt, and is fitted. The value is its place in a vector of parameters: of a prior, a
 * posterior, a gradient. After these stand the dimensions of the rig that nobody measured (RigPrior::parameterOf).
 */
enum RigParameter: int
{
    case FrontRate = 0;
    case RearRate = 1;
    case TongueWeight = 2;
    case TrailerRate = 3;
    case CgHeight = 4;
    case BarRate = 5;
    /** Of the reference setting; alone among these it may be negative, and is held with a deviation in millimetres. */
    case Tension = 6;

    /** The key of its name, for words. */
    public function key(): string
    {
        return match ($this) {
            self::FrontRate => 'front_rate',
            self::RearRate => 'rear_rate',
            self::TongueWeight => 'tongue_weight',
            self::TrailerRate => 'trailer_rate',
            self::CgHeight => 'cg_height',
            self::BarRate => 'bar_rate',
            self::Tension => 'tension',
        };
    }
}
