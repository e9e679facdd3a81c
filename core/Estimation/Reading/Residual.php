<?php

declare(strict_types=1);

namespace Yoke\Estimation\Reading;

/** A reading against what all the others predict of it. */
final readonly class Residual
{
    /** Farther off than this many deviations a reading is asked for again. */
    private const FAR = 3.5;

    /**
     * @param  float  $off  the reading minus what the others predict, mm or kg
     * @param  float  $deviation  of that difference, above 0
     */
    public function __construct(public Observation $observation, public float $off, public float $deviation)
    {
    }

    public function isFarOff(): bool
    {
        return abs($this->off) > self::FAR * $this->deviation;
    }

    /** What the others predict, mm or kg. */
    public function predicted(): float
    {
        return $this->observation->value - $this->off;
    }

    /**
     * How much likelier the reading is as a slip of that width than as a sound one, in the logarithm.
     *
     * @param  float  $width  one standard deviation of a slip, mm or kg
     */
    public function evidenceOfSlip(float $width): float
    {
        $wide = hypot($this->deviation, $width);

        return log($this->deviation / $wide) + 0.5 * $this->off ** 2 * (1 / $this->deviation ** 2 - 1 / $wide ** 2);
    }
}
