<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Reading;

/** A reading against what all the others predict of it. */
final readonly class Residual
{
    /**
     * @param  float  $off  the reading minus what the others predict, mm or kg
     * @param  float  $deviation  of that difference, above 0
     */
    public function __construct(public Observation $observation, public float $off, public float $deviation)
    {
    }

    /** What the others predict, mm or kg. */
    public function predicted(): float
    {
        return $this->observation->value - $this->off;
    }
}
