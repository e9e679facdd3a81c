<?php

declare(strict_types=1);

namespace Yoke\Probability;

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
}
