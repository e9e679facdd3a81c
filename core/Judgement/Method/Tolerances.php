<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;

/** How exactly the trade holds a rig to what it aims at: settings of the shop (docs/model.md, Methods). */
final readonly class Tolerances
{
    public function __construct(
        /** Both ends are down alike within this, mm. */
        public float $squatMm = 13.0,
        /** A coupler stands at its level height within this, mm. */
        public float $couplerMm = 6.0,
        /** A gauge stands at its target within this share of it. */
        public float $ballLoadShare = 0.04,
        /** Bars bent less than this look straight, mm. */
        public float $bentMm = 5.0,
        /** A trailer up to here is not nose-up, degrees. */
        public float $noseUpDegrees = 0.2,
        /** Down to here it is slightly nose-down, degrees. */
        public float $noseDownDegrees = 0.5,
        /** Beyond this it is far nose-down, degrees. */
        public float $farNoseDownDegrees = 1.0,
    ) {
    }

    /** Level or nose-down, but not far: never nose-up. */
    public function standsLevel(Angle $trailerPitch): bool
    {
        return ! $this->isNoseUp($trailerPitch) && ! $this->isFarNoseDown($trailerPitch);
    }

    /**
     * Whether a coupler stands where it should, and a ball where it brings it.
     *
     * @param  Length  $off  how far over it
     */
    public function isCouplerAt(Length $off): bool
    {
        return abs($off->millimetres()) <= $this->couplerMm;
    }

    public function isNoseUp(Angle $trailerPitch): bool
    {
        return $trailerPitch->degrees() > $this->noseUpDegrees;
    }

    public function isFarNoseDown(Angle $trailerPitch): bool
    {
        return $trailerPitch->degrees() < -$this->farNoseDownDegrees;
    }
}
