<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Text;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;

/**
 * How finely lengths are printed. The value is what is stored as a person's choice.
 */
enum Fineness: string
{
    case Eighth = '1/8 in';
    case Sixteenth = '1/16 in';
    case ThirtySecond = '1/32 in';
    case Millimetre = '1 mm';

    /** The unit that goes with it, also the default unit of what this person types. */
    public function unit(): LengthUnit
    {
        return $this === self::Millimetre ? LengthUnit::Millimetre : LengthUnit::Inch;
    }

    /** How many steps make one unit. */
    public function stepsPerUnit(): int
    {
        return match ($this) {
            self::Eighth => 8,
            self::Sixteenth => 16,
            self::ThirtySecond => 32,
            self::Millimetre => 1,
        };
    }

    public function step(): Length
    {
        return Length::of(1 / $this->stepsPerUnit(), $this->unit());
    }
}
