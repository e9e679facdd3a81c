<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Stories;

/** What may have gone wrong, and how often it does before anything is known (docs/model.md, More than one story). */
enum MistakeKind
{
    /** A reading that is not what the tape or the scale showed. */
    case Slip;
    /** Somebody in the cab, or gone from it, while the rig was taped. */
    case Aboard;
    /** A setting with a step more or fewer than was written down. */
    case Miscount;
    /** The tongue weight is not what was told of it. */
    case TongueWeight;

    /** One in so many. */
    public function oneIn(): float
    {
        return match ($this) {
            self::Slip, self::TongueWeight => 60.0,
            self::Aboard => 100.0,
            self::Miscount => 40.0,
        };
    }
}
