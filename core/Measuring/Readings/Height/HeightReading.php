<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;

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

    /**
     * Each doubt is one standard deviation, whatever its sign.
     *
     * @param  Length  $tape  of the tape and its reader
     * @param  Length  $friction  from suspension friction as the rig stood
     * @param  Length  $frictionIfRolled  the same had it been rolled
     */
    public static function of(Length $height, Length $tape, Length $friction, Length $frictionIfRolled): self
    {
        $rolled = min($friction->absolute()->millimetres(), $frictionIfRolled->absolute()->millimetres());

        return new self(
            $height,
            $tape->absolute()->millimetres(),
            $friction->absolute()->millimetres(),
            $rolled,
        );
    }

    /** A height that nothing doubts: foretold or drawn, not read. */
    public static function exact(Length $height): self
    {
        return new self($height, 0.0, 0.0, 0.0);
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

    /**
     * Several readings of one height, each after another roll: weighed by their doubts, and less doubtful together.
     *
     * @param  non-empty-list<self>  $readings
     */
    public static function pooled(array $readings): self
    {
        $weights = array_map(
            static fn (self $reading): float => 1.0 / max(1e-6, $reading->tapeMm ** 2 + $reading->frictionMm ** 2),
            $readings,
        );
        $all = array_sum($weights);
        $height = Length::zero();
        [$tape, $friction, $rolled] = [0.0, 0.0, 0.0];
        foreach ($readings as $i => $reading) {
            $share = $weights[$i] / $all;
            $height = $height->plus($reading->height->times($share));
            $tape = hypot($tape, $share * $reading->tapeMm);
            $friction = hypot($friction, $share * $reading->frictionMm);
            $rolled = hypot($rolled, $share * $reading->frictionIfRolledMm);
        }

        return new self($height, $tape, $friction, min($friction, $rolled));
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

    /** Standard deviation of the tape and its reader. */
    public function tape(): Length
    {
        return Length::ofMillimetres($this->tapeMm);
    }

    /** Standard deviation from suspension friction as the rig stood. */
    public function friction(): Length
    {
        return Length::ofMillimetres($this->frictionMm);
    }

    /** In millimetres. */
    public function gaussian(): Normal
    {
        return Normal::of($this->height->millimetres(), $this->doubt()->millimetres());
    }
}
