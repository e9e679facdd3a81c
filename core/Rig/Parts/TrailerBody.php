<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;

/** The shape of the trailer; its value is its name on a label. */
enum TrailerBody: string
{
    case Box = 'box';
    case Caravan = 'caravan';
    case PopUp = 'pop-up';
    case Tall = 'tall';

    /** The usual length from ball to axle, mm (docs/model.md, What is assumed). */
    public function ballToAxle(): Normal
    {
        return match ($this) {
            self::PopUp => Normal::of(3600.0, 500.0),
            self::Caravan => Normal::of(4600.0, 700.0),
            self::Box, self::Tall => Normal::of(5000.0, 800.0),
        };
    }

    /** The usual gross weight, kg. */
    public function grossWeight(): Normal
    {
        return match ($this) {
            self::PopUp => Normal::of(1200.0, 350.0),
            self::Caravan => Normal::of(1900.0, 550.0),
            self::Box, self::Tall => Normal::of(2700.0, 800.0),
        };
    }

    /** Usual height of the centre of gravity above the axle line (docs/model.md, What is usual). */
    public function cgAboveAxle(): Length
    {
        return Length::ofMillimetres(match ($this) {
            self::PopUp => 250.0,
            self::Box, self::Caravan => 500.0,
            self::Tall => 750.0,
        });
    }
}
