<?php

declare(strict_types=1);

namespace Yoke\Estimation;

/** What of a rig is measured with a ruler or read off a placard, and taken as it is: mm and kg. */
final readonly class KnownRig
{
    /** Spring bars on every hitch that has them. */
    public const BARS = 2;

    public function __construct(
        public float $wheelbase,
        public float $overhang,
        public float $ballToAxle,
        public AxleGroup $axleGroup,
        public float $grossWeight,
        public float $barArm,
        public float $ballOverCoupler,
    ) {
    }
}
