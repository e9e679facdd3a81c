<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Adjuster\Counting;

/** What is measured or read off the sheet of one hitch; what is not known has the usual value. */
final readonly class HitchMeasures
{
    public function __construct(
        /** One link, bracket hole, screw turn or thread, mm; above 0. */
        public float $pitchMm = 27.5,
        /** Steps of it from least to most tension. */
        public float $steps = 8,
        /** Tilt of one washer, tooth or cam step, degrees; above 0. */
        public float $tiltDegrees = 1.0,
        /** Tilt steps from least to most. */
        public float $tiltSteps = 6,
        /** Hole spacing of the shank, mm; above 0. */
        public float $headHoleMm = 31.75,
        /** Holes the head can be bolted at, less one. */
        public float $headHoles = 4,
        public Counting $counting = Counting::TakenUp,
    ) {
    }
}
