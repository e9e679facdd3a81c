<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

final class SeededSource implements RandomSource
{
    private const STEPS = 1 << 48;

    private Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Xoshiro256StarStar($seed));
    }

    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->unit();
    }

    /** By Box and Muller. */
    public function normal(float $deviation): float
    {
        $radius = sqrt(-2.0 * log(1.0 - $this->unit()));

        return $deviation * $radius * cos(2 * M_PI * $this->unit());
    }

    /** 0 to just below 1. */
    private function unit(): float
    {
        return $this->randomizer->getInt(0, self::STEPS - 1) / self::STEPS;
    }
}
