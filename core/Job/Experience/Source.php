<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigParameter;

/** What a shop learns from its finished jobs. The value is its key in words, in files and in what a job keeps. */
enum Source: string
{
    /** Of a vehicle, in its class. */
    case FrontRate = 'front_rate';
    case RearRate = 'rear_rate';

    /** Of a hitch's bars against their rating, among all hitches. */
    case BarRate = 'bar_rate';

    /** Of a hitch's middle setting against the one that restores the middle of the usual range, in its family. */
    case Tension = 'tension';

    /** Of a trailer's axles, among trailers of its body. */
    case TrailerRate = 'trailer_rate';

    /** How long jobs take against what is usual, by family. */
    case Pace = 'pace';

    /** How far a person's readings differ when they are repeated. */
    case Reader = 'reader';

    /** How far springs of a kind stick when a rig is rolled and read again. */
    case Friction = 'friction';

    /** Those that a job's readings tell as a parameter of its rig. */
    public const OF_RIGS = [self::FrontRate, self::RearRate, self::BarRate, self::Tension, self::TrailerRate];

    public function parameter(): ?RigParameter
    {
        return match ($this) {
            self::FrontRate => RigParameter::FrontRate,
            self::RearRate => RigParameter::RearRate,
            self::BarRate => RigParameter::BarRate,
            self::Tension => RigParameter::Tension,
            self::TrailerRate => RigParameter::TrailerRate,
            self::Pace, self::Reader, self::Friction => null,
        };
    }

    /** What the textbook doubts of it: one deviation in the logarithm, or mm of tension. */
    public function textbook(PriorDoubts $doubts): float
    {
        return match ($this) {
            self::FrontRate, self::RearRate => $doubts->rideRate,
            self::BarRate => $doubts->barRate,
            self::Tension => $doubts->tensionNotTapedMm,
            self::TrailerRate => $doubts->trailerRate,
            self::Pace => 0.40,
            self::Reader, self::Friction => 0.30,
        };
    }

    /** How much of that the same vehicle, hitch or trailer differs from one job to the next, as a share of it. */
    public function again(): float
    {
        return match ($this) {
            self::FrontRate, self::RearRate, self::BarRate => 0.2,
            self::Tension, self::TrailerRate => 0.36,
            self::Pace => 0.6,
            self::Reader, self::Friction => 0.0,
        };
    }
}
