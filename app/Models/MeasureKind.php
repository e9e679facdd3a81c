<?php

declare(strict_types=1);

namespace App\Models;

use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Rig\Parts\Stance;

/** What else than fenders can be read in a stance; the value is its field. */
enum MeasureKind: string
{
    case Coupler = 'coupler';
    case BallLoad = 'ball_load';
    case BarGap = 'bar_gap';
    case VehicleAngle = 'vehicle_angle';
    case TrailerAngle = 'trailer_angle';
    case FrontAxle = 'front_axle';
    case RearAxle = 'rear_axle';
    case TrailerAxles = 'trailer_axles';

    /** @return list<self> those that are typed among the other readings: the gap has a step of its own */
    public static function typedAmongOthers(Stance $stance): array
    {
        return array_values(array_filter(self::of($stance), static fn (self $kind): bool => $kind !== self::BarGap));
    }

    /** @return list<self> */
    public static function of(Stance $stance): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => match ($kind) {
            self::FrontAxle, self::RearAxle, self::VehicleAngle => true,
            self::BarGap => $stance === Stance::Dropped,
            default => $stance !== Stance::Alone,
        }));
    }

    public function isLength(): bool
    {
        return $this === self::Coupler || $this === self::BarGap;
    }

    /** Nose-down is below 0. */
    public function isAngle(): bool
    {
        return $this === self::TrailerAngle || $this === self::VehicleAngle;
    }

    public function observed(): Observed
    {
        return match ($this) {
            self::Coupler => Observed::CouplerRise,
            self::BallLoad => Observed::BallLoad,
            self::TrailerAngle => Observed::NoseRise,
            self::VehicleAngle => Observed::VehicleRise,
            self::BarGap => Observed::BarBend,
            self::FrontAxle => Observed::FrontLoad,
            self::RearAxle => Observed::RearLoad,
            self::TrailerAxles => Observed::TrailerLoad,
        };
    }
}
