<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation;

/** Where simulated errors come from; seeded, so that a yard can be drawn again. */
interface RandomSource
{
    /** Uniform between the bounds. */
    public function between(float $low, float $high): float;

    /** Normal with mean 0. */
    public function normal(float $deviation): float;
}
