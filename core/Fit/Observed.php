<?php

declare(strict_types=1);

namespace Yoke\Fit;

/** What an observation is of: heights in mm, loads in kg. */
enum Observed
{
    case FrontHeight;
    case RearHeight;
    /** Of the coupler, over its height with the trailer level, mm. */
    case CouplerRise;
    /** Between ball and coupler, kg. */
    case BallLoad;
    case FrontLoad;
    case RearLoad;
    case TrailerLoad;
    /** Of the setting that is on, as taped on the bars, mm. */
    case Tension;

    public function isLoad(): bool
    {
        return $this === self::BallLoad || $this === self::FrontLoad || $this === self::RearLoad || $this === self::TrailerLoad;
    }
}
