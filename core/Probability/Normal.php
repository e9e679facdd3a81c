<?php

declare(strict_types=1);

namespace Yoke\Probability;

use Closure;
use Yoke\Units\Exception\NotFinite;

/**
 * A number known with a normal doubt: its mean and its standard deviation, both in the caller's unit.
 */
final readonly class Normal
{
    private const SPREAD = 6.0;

    private const INTERVALS = 60;

    private function __construct(
        private float $mean,
        /** Never negative; zero means exactly known. */
        private float $deviation,
    ) {
        if (! is_finite($mean) || ! is_finite($deviation)) {
            throw NotFinite::in(self::class);
        }
    }

    public static function of(float $mean, float $deviation): self
    {
        return new self($mean, abs($deviation));
    }

    public function mean(): float
    {
        return $this->mean;
    }

    public function deviation(): float
    {
        return $this->deviation;
    }

    public function chanceBelow(float $bound): float
    {
        if ($this->deviation === 0.0) {
            return $this->mean < $bound ? 1.0 : 0.0;
        }

        return self::cumulative(($bound - $this->mean) / $this->deviation);
    }

    public function chanceBetween(float $low, float $high): float
    {
        return max(0.0, $this->chanceBelow($high) - $this->chanceBelow($low));
    }

    /**
     * The mean of a function over this number where it lies between the bounds, not divided by the chance
     * that it lies there. Simpson's rule over six deviations either side.
     *
     * @param  Closure(float): float  $function
     */
    public function averageOver(Closure $function, float $low = -INF, float $high = INF): float
    {
        if ($this->deviation === 0.0) {
            return $this->mean > $low && $this->mean < $high ? $function($this->mean) : 0.0;
        }
        $from = max($low, $this->mean - self::SPREAD * $this->deviation);
        $to = min($high, $this->mean + self::SPREAD * $this->deviation);
        if ($to <= $from) {
            return 0.0;
        }
        $step = ($to - $from) / self::INTERVALS;
        $sum = 0.0;
        for ($i = 0; $i <= self::INTERVALS; $i++) {
            $at = $from + $i * $step;
            $weight = $i === 0 || $i === self::INTERVALS ? 1 : ($i % 2 === 1 ? 4 : 2);
            $sum += $weight * $this->density($at) * $function($at);
        }

        return $sum * $step / 3;
    }

    private function density(float $at): float
    {
        $z = ($at - $this->mean) / $this->deviation;

        return exp(-0.5 * $z * $z) / ($this->deviation * sqrt(2 * M_PI));
    }

    /**
     * The standard normal distribution function, to about 1e-12 in the middle and in the tails:
     * its power series near zero, the continued fraction of the tail beyond.
     */
    private static function cumulative(float $z): float
    {
        $x = abs($z);
        $peak = exp(-0.5 * $x * $x) / sqrt(2 * M_PI);
        $beyond = $x < 3.0 ? 0.5 - $peak * self::series($x) : $peak / self::fraction($x);

        return $z < 0 ? $beyond : 1.0 - $beyond;
    }

    private static function series(float $x): float
    {
        $term = $x;
        $sum = $x;
        for ($n = 3; abs($term) > 1e-17; $n += 2) {
            $term *= $x * $x / $n;
            $sum += $term;
        }

        return $sum;
    }

    private static function fraction(float $x): float
    {
        $value = $x;
        for ($n = 60; $n >= 1; $n--) {
            $value = $x + $n / $value;
        }

        return $value;
    }
}
