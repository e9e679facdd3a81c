<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Measuring\Estimation\Reading\Observed;

/** What a reading was taken with; the value is its key in files and words. */
enum Instrument: string
{
    case Tape = 'tape';
    case Scale = 'scale';
    case Gauge = 'gauge';
    case Coupler = 'coupler';
    case Level = 'level';
    case Eye = 'eye';

    /** Null of readings that say nothing of the carried stance by themselves. */
    public static function of(Observed $observed): ?self
    {
        return match ($observed) {
            Observed::FrontHeight, Observed::RearHeight => self::Tape,
            Observed::BallLoad => self::Gauge,
            Observed::CouplerRise, Observed::NoseRise => self::Coupler,
            Observed::VehicleRise => self::Level,
            Observed::BendSeen, Observed::NoseSeen, Observed::PitchSeen => self::Eye,
            Observed::TongueWeight, Observed::BarBend => null,
            default => self::Scale,
        };
    }
}
