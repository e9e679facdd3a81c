<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

/**
 * The units a tape or a person may use. The value is the unit's sign as it is printed.
 */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';
    case Inch = 'in';
    case Foot = 'ft';

    /** How many millimetres one of this unit is; exact. */
    public function millimetres(): float
    {
        return match ($this) {
            self::Millimetre => 1.0,
            self::Centimetre => 10.0,
            self::Metre => 1000.0,
            self::Inch => 25.4,
            self::Foot => 304.8,
        };
    }

    public function isMetric(): bool
    {
        return $this !== self::Inch && $this !== self::Foot;
    }
}
