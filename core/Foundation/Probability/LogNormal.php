<?php

declare(strict_types=1);

namespace Yoke\Foundation\Probability;

/** A quantity that is known with a doubt: the likely value, and its standard deviation as a share of it. */
final readonly class LogNormal
{
    /**
     * @param  float  $value  above 0
     * @param  float  $share  standard deviation in the logarithm; 0 or more
     */
    public function __construct(public float $value, public float $share)
    {
    }

    /** The value so many deviations away. */
    public function at(float $deviations): float
    {
        return $this->value * exp($this->share * $deviations);
    }

    /** Chance that it is below a bound, 0 to 1. */
    public function chanceBelow(float $bound): float
    {
        return $bound <= 0.0 ? 0.0 : Normal::of(log($this->value), $this->share)->chanceBelow(log($bound));
    }
}
