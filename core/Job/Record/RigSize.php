<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Measuring\Readings\Height\FenderHeight;
use Yoke\Rig\Parts\Check\SizeRange;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\Vehicle;

/** What is given of a rig as a bare number, and between what it lies: as where it is typed. */
enum RigSize
{
    case Wheelbase;
    case Overhang;
    case BallToAxle;
    case BarArm;
    case GrossWeight;
    case Load;
    case FenderHeight;
    case AxleSpacing;
    case Pitch;

    /** Lightest and heaviest load that is weighed or rated, kg. */
    private const LOAD_KG = [20.0, 20_000.0];

    private const AXLE_SPACING_MM = [400.0, 2000.0];

    /** From link to link, hole to hole or turn to turn, mm. */
    private const PITCH_MM = [0.5, 80.0];

    public function range(): SizeRange
    {
        return match ($this) {
            self::Wheelbase => SizeRange::ofMillimetres(...Vehicle::WHEELBASE_MM),
            self::Overhang => SizeRange::ofMillimetres(...Vehicle::OVERHANG_MM),
            self::BallToAxle => SizeRange::ofMillimetres(...Trailer::BALL_TO_AXLE_MM),
            self::BarArm => SizeRange::ofMillimetres(...Hitch::BAR_ARM_MM),
            self::GrossWeight => SizeRange::ofKilograms(...Trailer::GROSS_WEIGHT_KG),
            self::Load => SizeRange::ofKilograms(...self::LOAD_KG),
            self::FenderHeight => SizeRange::ofMillimetres(...FenderHeight::RANGE_MM),
            self::AxleSpacing => SizeRange::ofMillimetres(...self::AXLE_SPACING_MM),
            self::Pitch => SizeRange::ofMillimetres(...self::PITCH_MM),
        };
    }
}
