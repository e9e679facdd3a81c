<?php

declare(strict_types=1);

namespace Yoke\Foundation\Probability;

use Yoke\Foundation\Units\Exception\NotFinite;

/**
 * A number known with a normal doubt: its mean and its standard deviation, both in the caller's unit.
 */
final readonly class Normal
{
    /** Beyond so many deviations the tail is a continued fraction, and beyond so many there is none. */
    private const TAIL = 7.07106781186547;

    private const FARTHEST = 37.0;

    private const ROOT_TWO_PI = 2.506628274631;

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

    /**
     * Mean and deviation over several stories, each with how likely it is.
     *
     * @param  non-empty-list<array{float, self}>  $stories  their chances sum to 1
     */
    public static function over(array $stories): self
    {
        [$mean, $square] = [0.0, 0.0];
        foreach ($stories as [$likely, $number]) {
            $mean += $likely * $number->mean;
        }
        foreach ($stories as [$likely, $number]) {
            $square += $likely * ($number->deviation ** 2 + ($number->mean - $mean) ** 2);
        }

        return new self($mean, sqrt($square));
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

    /**
     * The standard normal distribution function, to about 1e-14: a ratio of polynomials in the middle, the continued
     * fraction of the tail beyond (Hart and others, Computer Approximations, 1968, no. 5666).
     */
    private static function cumulative(float $z): float
    {
        $x = abs($z);
        if ($x > self::FARTHEST) {
            return $z < 0 ? 0.0 : 1.0;
        }
        $peak = exp(-0.5 * $x * $x);
        if ($x < self::TAIL) {
            $over =
                (((((3.52624965998911e-2 * $x + 0.700383064443688) * $x + 6.37396220353165) * $x + 33.912866078383) *
                    $x +
                    112.079291497871) *
                    $x +
                    221.213596169931) *
                    $x +
                220.206867912376;
            $under =
                ((((((8.83883476483184e-2 * $x + 1.75566716318264) * $x + 16.064177579207) * $x + 86.7807322029461) *
                    $x +
                    296.564248779674) *
                    $x +
                    637.333633378831) *
                    $x +
                    793.826512519948) *
                    $x +
                440.413735824752;
            $beyond = ($peak * $over) / $under;
        } else {
            $beyond = $peak / (($x + 1 / ($x + 2 / ($x + 3 / ($x + 4 / ($x + 0.65))))) * self::ROOT_TWO_PI);
        }

        return $z < 0 ? $beyond : 1.0 - $beyond;
    }
}
