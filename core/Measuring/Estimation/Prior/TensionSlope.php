<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

/**
 * A tension that is known for bars of one rate, and follows theirs: what earlier set-ups of a hitch told is how hard
 * its
 * bars pull at a setting, not how far they are bent.
 */
final readonly class TensionSlope
{
    /**
     * @param  float  $perLogRate  mm of tension for each unit of the logarithm of the bars' rate: below 0, stiffer bars
     *     pull as hard with less
     * @param  float  $rate  that the tension is told for, kg/mm, above 0
     */
    public function __construct(public float $perLogRate, public float $rate)
    {
    }

    /** What it adds to the tension for bars of a rate, mm. */
    public function at(float $rate): float
    {
        return $this->perLogRate * log($rate / $this->rate);
    }
}
