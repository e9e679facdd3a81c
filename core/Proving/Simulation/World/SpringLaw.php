<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

/**
 * How an axle's springs push back: straight, or stiffer the farther they are pressed, with a helper leaf that joins in.
 */
final readonly class SpringLaw
{
    /** Over so much compression the rate rises by its hardening, mm. */
    private const OVER_MM = 40.0;

    /**
     * @param  float  $rate  where the vehicle stands alone, kg/mm, above 0
     * @param  float  $hardening  share by which the rate rises over 40 mm of compression, and falls in rebound; 0 to
     *     0.5
     * @param  float  $helperFrom  compression at which a helper leaf joins in, mm; infinite without one
     * @param  float  $helperShare  what it adds to the rate, as a share
     */
    public function __construct(
        public float $rate,
        private float $hardening = 0.0,
        private float $helperFrom = INF,
        private float $helperShare = 0.0,
    ) {
    }

    public static function straight(float $rate): self
    {
        return new self($rate);
    }

    /** What the springs push more than alone, kg, pressed together by so much more, mm. */
    public function force(float $compression): float
    {
        $steady = max(-self::OVER_MM, $compression);
        $force =
            $this->rate *
            ($compression + ($this->hardening * $steady * (2 * $compression - $steady)) / (2 * self::OVER_MM));

        return $compression > $this->helperFrom
            ? $force + $this->helperShare * $this->rate * ($compression - $this->helperFrom)
            : $force;
    }
}
