<?php

declare(strict_types=1);

namespace Yoke\Tape;

use Yoke\Measure\Gaussian;
use Yoke\Measure\Length;

/**
 * A fender height with its doubt, in two independent parts: the tape with its reader, and the friction in
 * the suspension that keeps the body off its place of rest.
 */
final readonly class HeightReading
{
    private function __construct(
        /** Ground to wheel-arch edge. */
        private Length $height,
        /** Standard deviation of the tape and its reader, mm, never negative. */
        private float $tapeMm,
        /** Standard deviation from suspension friction as the rig stood, mm, never negative. */
        private float $frictionMm,
        /** The same had the rig been rolled, mm, at most frictionMm. */
        private float $frictionIfRolledMm,
    ) {
    }

    public static function of(Length $height, float $tapeMm, float $frictionMm, float $frictionIfRolledMm): self
    {
        return new self($height, abs($tapeMm), abs($frictionMm), min(abs($frictionMm), abs($frictionIfRolledMm)));
    }

    /** The axle's height from its two fenders. They share the springs' friction, not the tape's error. */
    public function meanWith(self $otherSide): self
    {
        return new self(
            $this->height->plus($otherSide->height)->times(0.5),
            hypot($this->tapeMm, $otherSide->tapeMm) / 2,
            max($this->frictionMm, $otherSide->frictionMm),
            max($this->frictionIfRolledMm, $otherSide->frictionIfRolledMm),
        );
    }

    /** What it would be worth after one more reading, rolled before it: the same height, less doubt. */
    public function readAgainRolled(): self
    {
        if ($this->frictionMm > $this->frictionIfRolledMm) {
            return new self($this->height, $this->tapeMm, $this->frictionIfRolledMm, $this->frictionIfRolledMm);
        }

        return new self($this->height, $this->tapeMm / M_SQRT2, $this->frictionMm / M_SQRT2, $this->frictionIfRolledMm / M_SQRT2);
    }

    public function height(): Length
    {
        return $this->height;
    }

    /** One standard deviation. */
    public function doubt(): Length
    {
        return Length::ofMillimetres(hypot($this->tapeMm, $this->frictionMm));
    }

    /** In millimetres. */
    public function gaussian(): Gaussian
    {
        return Gaussian::of($this->height->millimetres(), $this->doubt()->millimetres());
    }
}
