<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

/**
 * How far a shop trusts what is only usual, or read off an instrument: one standard deviation each (docs/model.md, What
 * is usual).
 */
final readonly class PriorDoubts
{
    public function __construct(
        /** Of a vehicle's class, as a share. */
        public float $rideRate = 0.3,
        /** As a share. */
        public float $trailerRate = 0.35,
        /** As a share. */
        public float $cgHeight = 0.35,
        /** About the bars' rating, as a share. */
        public float $barRate = 0.25,
        /** Of bars whose rating nobody typed, as a share. */
        public float $barRateUnrated = 0.4,
        /** As a share. */
        public float $barRateFromSheet = 0.05,
        /** Of chains in place of bars, as a share. */
        public float $chainRate = 0.5,
        /** Of how far chains are stretched at their middle thread, mm. */
        public float $chainTensionMm = 10.0,
        /** Of a setting whose bar bend was taped. */
        public float $tensionTapedMm = 6.0,
        /** Of a setting that nobody taped. */
        public float $tensionNotTapedMm = 25.0,
        /** Of a hook-up whose setting nobody knows. */
        public float $tensionUnknownMm = 60.0,
        /** Of the ball over the coupler where both heights were taped. */
        public float $ballOverCouplerTapedMm = 3.0,
        /** The same where one of them was not. */
        public float $ballOverCouplerAssumedMm = 25.0,
        /** Of what a chain or bracket leaves free, where nobody taped it. */
        public float $hangAssumedMm = 40.0,
        /** Of a coupler height. */
        public float $couplerMm = 2.0,
        /** Of one axle on a weighbridge. */
        public float $weighbridgeKg = 6.0,
        /** Of a gauge in the head: in all its readings alike, as a share. */
        public float $ballLoad = 0.03,
        /** What a gauge shows otherwise when it is read again, as a share. */
        public float $ballLoadAgain = 0.006,
        /** Of an angle gauge on the trailer's frame. */
        public float $angleDegrees = 0.1,
        /** Of what springs stick, the part that all readings of a stance share, as a share. */
        public float $frictionKept = 0.7,
        /** How far to the side of their last motion springs are expected to stick, in deviations of their friction. */
        public float $frictionSide = 1.0,
    ) {
    }

    /** The same, one axle on a weighbridge good to so much, kg. */
    public function weighingTo(float $kilograms): self
    {
        return new self(
            $this->rideRate,
            $this->trailerRate,
            $this->cgHeight,
            $this->barRate,
            $this->barRateUnrated,
            $this->barRateFromSheet,
            $this->chainRate,
            $this->chainTensionMm,
            $this->tensionTapedMm,
            $this->tensionNotTapedMm,
            $this->tensionUnknownMm,
            $this->ballOverCouplerTapedMm,
            $this->ballOverCouplerAssumedMm,
            $this->hangAssumedMm,
            $this->couplerMm,
            $kilograms,
            $this->ballLoad,
            $this->ballLoadAgain,
            $this->angleDegrees,
            $this->frictionKept,
            $this->frictionSide,
        );
    }
}
