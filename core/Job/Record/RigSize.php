<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Expected;
use Yoke\Measuring\Readings\Height\FenderHeight;
use Yoke\Rig\Parts\Check\SizeRange;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Rig\Specification\HitchSpecification;
use Yoke\Rig\Specification\TrailerSpecification;

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

    /**
     * What was expected where two sizes cannot stand beside each other: an overhang and its wheelbase, a bar arm and
     * the length from ball to axle; null where they can.
     *
     * @param  float  $size  of this kind, mm
     * @param  float  $beside  of the other, mm
     */
    public function impossibleBeside(float $size, float $beside): ?Expected
    {
        return $size < $beside
            ? null
            : match ($this) {
                self::Overhang => Expected::of('rig.overhang'),
                self::BarArm => Expected::of('rig.bar_arm'),
                default => null,
            };
    }

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
            self::AxleSpacing => SizeRange::ofMillimetres(...TrailerSpecification::AXLE_SPACING_MM),
            self::Pitch => SizeRange::ofMillimetres(...HitchSpecification::PITCH_MM),
        };
    }
}
