<?php

declare(strict_types=1);

namespace Yoke\Estimation;

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
}
