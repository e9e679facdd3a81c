<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Reading;

use Yoke\Rig\Parts\Axle;

/** What an observation is of: heights in mm, loads in kg. */
enum Observed
{
    case FrontHeight;
    case RearHeight;
    /** Of the coupler, over its height with the trailer level, mm. */
    case CouplerRise;
    /** How much higher than level a trailer's pitch puts its ball over its axles, mm. */
    case NoseRise;
    /** How much farther than alone a vehicle's nose-up pitch lifts its front axle over its rear, mm. */
    case VehicleRise;
    /** Between ball and coupler, kg. */
    case BallLoad;
    case FrontLoad;
    case RearLoad;
    case TrailerLoad;
    /** Front and rear axle on one platform. */
    case VehicleLoad;
    /** The vehicle's rear axle and the trailer's on one platform. */
    case RearAndTrailerLoad;
    /** Trailer level, bars off, by whatever it was read, kg. */
    case TongueWeight;
    /** How far a setting bends the bars as the rig stands, at the hook-up point: taped on the bars, mm. */
    case BarBend;
    /** How far the bars are bent as the rig stands, by eye, mm. */
    case BendSeen;
    /** As NoseRise, by eye or by a bubble, mm. */
    case NoseSeen;
    /** As VehicleRise, by eye or by where the headlights point, mm. */
    case PitchSeen;

    public function isAxleLoad(): bool
    {
        return match ($this) {
            self::FrontLoad, self::RearLoad, self::TrailerLoad, self::VehicleLoad, self::RearAndTrailerLoad => true,
            default => false,
        };
    }

    public static function heightOf(Axle $axle): self
    {
        return $axle === Axle::Front ? self::FrontHeight : self::RearHeight;
    }

    public function isHeight(): bool
    {
        return $this === self::FrontHeight || $this === self::RearHeight;
    }

    /** Whether it tells how the rig stands, and not what the trailer or the bars are by themselves. */
    public function isOfAStance(): bool
    {
        return $this !== self::TongueWeight && $this !== self::BarBend;
    }

    /** Whether it says the same of a coupled rig without the vehicle alone. */
    public function isOfTheCoupling(): bool
    {
        return match ($this) {
            self::BallLoad, self::CouplerRise, self::NoseRise, self::NoseSeen, self::BendSeen => true,
            default => false,
        };
    }

    /** Whether somebody judged it by eye: in words, not on a scale. */
    public function isSeen(): bool
    {
        return $this === self::BendSeen || $this === self::NoseSeen || $this === self::PitchSeen;
    }

    public function isLoad(): bool
    {
        return $this === self::BallLoad || $this === self::TongueWeight || $this->isAxleLoad();
    }
}
