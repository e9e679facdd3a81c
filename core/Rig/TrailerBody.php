<?php

declare(strict_types=1);

namespace Yoke\Rig;

/** The shape of the trailer; its value is its name on a label. */
enum TrailerBody: string
{
    case Box = 'box';
    case Caravan = 'caravan';
    case PopUp = 'pop-up';
    case Tall = 'tall';

    /** Usual height of the centre of gravity above the axle line, mm (docs/model.md, What is usual). */
    public function cgAboveAxle(): float
    {
        return match ($this) {
            self::PopUp => 250.0,
            self::Box, self::Caravan => 500.0,
            self::Tall => 750.0,
        };
    }
}
