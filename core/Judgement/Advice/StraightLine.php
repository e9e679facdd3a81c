<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Foundation\Probability\Normal;

/** A quantity of taut bars along their tension: its mean is a straight line, its variance a parabola. */
final readonly class StraightLine
{
    /**
     * @param  float  $here  at the reference tension
     * @param  float  $slope  per mm
     * @param  float  $variance  at the reference tension
     * @param  float  $covariance  of value and slope
     * @param  float  $slopeVariance  per mm²
     */
    public function __construct(
        private float $here,
        private float $slope,
        private float $variance,
        private float $covariance,
        private float $slopeVariance,
    ) {
    }

    /** @param  float  $along  over the reference tension, mm */
    public function at(float $along): Normal
    {
        return Normal::of(
            $this->here + $along * $this->slope,
            sqrt(max(0.0, $this->variance + $along * (2 * $this->covariance + $along * $this->slopeVariance))),
        );
    }
}
