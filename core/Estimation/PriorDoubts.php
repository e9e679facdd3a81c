<?php

declare(strict_types=1);

namespace Yoke\Estimation;

/** How far a shop trusts what is only usual, or read off an instrument: one standard deviation each (docs/model.md, What is usual). */
final readonly class PriorDoubts
{
    /**
     * @param  float  $rideRate  of a vehicle's class, as a share
     * @param  float  $trailerRate  as a share
     * @param  float  $cgHeight  as a share
     * @param  float  $barRate  about the bars' rating, as a share
     * @param  float  $barRateFromSheet  as a share
     * @param  float  $tensionTapedMm  of a setting whose bar bend was taped
     * @param  float  $tensionNotTapedMm  of a setting that nobody taped
     * @param  float  $couplerMm  of a coupler height
     * @param  float  $weighbridgeKg  of one axle on a weighbridge
     * @param  float  $ballLoad  of a gauge in the head, as a share
     * @param  float  $angleDegrees  of an angle gauge on the trailer's frame
     */
    public function __construct(
        public float $rideRate = 0.30,
        public float $trailerRate = 0.35,
        public float $cgHeight = 0.35,
        public float $barRate = 0.25,
        public float $barRateFromSheet = 0.05,
        public float $tensionTapedMm = 6.0,
        public float $tensionNotTapedMm = 25.0,
        public float $couplerMm = 2.0,
        public float $weighbridgeKg = 6.0,
        public float $ballLoad = 0.03,
        public float $angleDegrees = 0.1,
    ) {
    }
}
