<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

use Yoke\Foundation\Units\Bounds;

/** How far simulated rigs depart from what the advice reckons with (docs/model.md, The harder world). */
enum World: string
{
    /** As the model has it, but with full rotations. */
    case Plain = 'plain';
    /** Every effect at about half its size, mishaps now and then. */
    case Moderate = 'moderate';
    /** Every effect in full, always. */
    case Full = 'full';

    /** Of every smooth effect, 0 to 1. */
    public function size(): float
    {
        return match ($this) {
            self::Plain => 0.0,
            self::Moderate => 0.5,
            self::Full => 1.0,
        };
    }

    /** Share of rigs that stand on a slope, or with an axle in a dip, at one stance. */
    public function groundOdds(): float
    {
        return $this->pick(0.0, 0.3, 1.0);
    }

    /** Share of rigs with somebody in the cab at one stance. */
    public function cabOdds(): float
    {
        return $this->pick(0.0, 0.05, 1.0);
    }

    /** Share of rigs whose bars are levered on. */
    public function leverOdds(): float
    {
        return $this->pick(0.0, 0.3, 0.3);
    }

    /** Share of hook-ups with a link more or fewer than was written down. */
    public function miscountOdds(): float
    {
        return $this->pick(0.0, 0.03, 0.04);
    }

    /** Share of readings that are slips. */
    public function slipOdds(): float
    {
        return $this->pick(0.005, 0.01, 0.02);
    }

    /** @return non-empty-list<float> how far off they are, mm */
    public function slips(): array
    {
        return $this === self::Plain ? [3.2, 10.0] : [12.7, 25.4];
    }

    /** Share of rigs whose tongue weight was told wrong. */
    public function wrongTongueOdds(): float
    {
        return $this->pick(0.0, 0.25, 1.0);
    }

    /** By what share. */
    public function wrongTongue(): float
    {
        return $this->pick(0.0, 0.15, 0.20);
    }

    /** The rated load bends a bar between so many mm. */
    public function barBend(): Bounds
    {
        return match ($this) {
            self::Plain => new Bounds(66.0, 107.0),
            self::Moderate => new Bounds(58.0, 115.0),
            self::Full => new Bounds(50.0, 130.0),
        };
    }

    /** By what factor the trailer's axle rate may be off. */
    public function trailerRate(): Bounds
    {
        return match ($this) {
            self::Plain => new Bounds(1.0, 1.0),
            self::Moderate => new Bounds(0.62, 1.93),
            self::Full => new Bounds(0.45, 3.0),
        };
    }

    private function pick(float $plain, float $moderate, float $full): float
    {
        return match ($this) {
            self::Plain => $plain,
            self::Moderate => $moderate,
            self::Full => $full,
        };
    }
}
