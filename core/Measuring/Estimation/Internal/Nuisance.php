<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

/**
 * What readings need besides the rig itself: where fenders and axles stand alone, where the coupler stands level, and
 * by
 * what factor a gauge is off in all its readings.
 *
 * @internal
 */
enum Nuisance
{
    case FrontAlone;
    case RearAlone;
    case CouplerLevel;
    case GaugeFactor;
    case FrontLoadAlone;
    case RearLoadAlone;
    /** The gross trailer weight as a scale shows it: what is told of it is only placard and habit. */
    case GrossTrailer;

    /** How far around the first reading a height, mm, and a load, kg, alone may lie. */
    private const ALONE_MM = 100.0;

    private const ALONE_KG = 500.0;

    /** One prior deviation in its own unit; of the two that the rig's prior knows, null. */
    public function spread(): ?float
    {
        return match ($this) {
            self::FrontAlone, self::RearAlone => self::ALONE_MM,
            self::FrontLoadAlone, self::RearLoadAlone, self::GrossTrailer => self::ALONE_KG,
            self::CouplerLevel, self::GaugeFactor => null,
        };
    }
}
