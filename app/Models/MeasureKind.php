<?php

declare(strict_types=1);

namespace App\Models;

use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Readings\Sight\Sight;
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
    case FrameFront = 'frame_front';
    case FrameRear = 'frame_rear';
    case BarsSeen = 'bars_seen';
    case TrailerSeen = 'trailer_seen';
    case RearSeen = 'rear_seen';
    case HeadlightsSeen = 'headlights_seen';

    /** @return list<self> those that are taken as they come: the gap has a step of its own */
    public static function takenAtOnce(Stance $stance): array
    {
        return array_values(array_filter(self::of($stance), static fn (self $kind): bool => $kind !== self::BarGap));
    }

    /** @return list<self> those that are typed among the other readings; what is seen is tapped */
    public static function typedAmongOthers(Stance $stance): array
    {
        return array_values(
            array_filter(
                self::of($stance),
                static fn (self $kind): bool => $kind !== self::BarGap && $kind->sight() === null,
            ),
        );
    }

    /** @return list<self> */
    public static function of(Stance $stance): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => match ($kind) {
            self::FrontAxle, self::RearAxle, self::VehicleAngle => true,
            self::BarGap => $stance === Stance::Dropped,
            self::BarsSeen => $stance === Stance::Carried,
            default => $stance !== Stance::Alone,
        }));
    }

    /** Null of what is read and not judged by eye. */
    public function sight(): ?Sight
    {
        return Sight::tryFrom($this->value);
    }

    public function isLength(): bool
    {
        return in_array($this, [self::Coupler, self::BarGap, self::FrameFront, self::FrameRear], true);
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
            self::TrailerAngle, self::FrameFront, self::FrameRear => Observed::NoseRise,
            self::VehicleAngle => Observed::VehicleRise,
            self::BarGap => Observed::BarBend,
            self::FrontAxle => Observed::FrontLoad,
            self::RearAxle => Observed::RearLoad,
            self::TrailerAxles => Observed::TrailerLoad,
            self::BarsSeen, self::TrailerSeen, self::RearSeen, self::HeadlightsSeen => Sight::from(
                $this->value,
            )->observed(),
        };
    }
}
