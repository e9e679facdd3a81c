<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

/** The dimensions of a rig, measured or assumed: mm and kg. */
final readonly class KnownRig
{
    /** Spring bars on every hitch that has them. */
    public const BARS = 2;

    /** No dimension is looked for farther from where it is expected, in its deviations. */
    private const FARTHEST = 3.0;

    /** Dimensions stay above this share of what is expected. */
    private const LEAST_SHARE = 0.25;

    public function __construct(
        public float $wheelbase,
        public float $overhang,
        public float $ballToAxle,
        public AxleGroup $axleGroup,
        public float $grossWeight,
        public float $barArm,
        public float $ballOverCoupler,
        public SharedDoubts $doubts = new SharedDoubts(),
    ) {
    }

    /** The same with one dimension taken as exact. */
    public function withExact(RigDimension $dimension): self
    {
        return new self(
            $this->wheelbase,
            $this->overhang,
            $this->ballToAxle,
            $this->axleGroup,
            $this->grossWeight,
            $this->barArm,
            $this->ballOverCoupler,
            $this->doubts->without($dimension),
        );
    }

    public function expected(RigDimension $dimension): float
    {
        return match ($dimension) {
            RigDimension::BallOverCoupler => $this->ballOverCoupler,
            RigDimension::Wheelbase => $this->wheelbase,
            RigDimension::Overhang => $this->overhang,
            RigDimension::BallToAxle => $this->ballToAxle,
            RigDimension::BarArm => $this->barArm,
            RigDimension::GrossWeight => $this->grossWeight,
        };
    }

    /** A dimension so many deviations from where it is expected; a length never at or below nothing. */
    public function at(RigDimension $dimension, float $deviations): float
    {
        $expected = $this->expected($dimension);
        $there = $expected + max(-self::FARTHEST, min(self::FARTHEST, $deviations)) * $this->doubts->of($dimension);

        return $dimension === RigDimension::BallOverCoupler ? $there : max(self::LEAST_SHARE * $expected, $there);
    }
}
