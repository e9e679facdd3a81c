<?php

declare(strict_types=1);

namespace Yoke\Balance;

use Yoke\Measure\Angle;

/**
 * How a coupled rig stands, as changes from the vehicle alone and the trailer level: mm (up positive), kg, rad (nose-up positive).
 */
final readonly class Attitude
{
    /** @internal made by CoupledRig */
    public function __construct(
        private CoupledRig $rig,
        /** Vertical load on the ball from head and bars together, kg. */
        public float $load,
        /** The same with bars off, kg. */
        private float $loadDropped,
        /** kg·mm, never negative: bars only pull. */
        public float $barMoment,
        /** rad */
        public float $trailerPitch,
    ) {
    }

    public function rig(): CoupledRig
    {
        return $this->rig;
    }

    /** Front fender rise, mm. */
    public function frontRise(): float
    {
        return -$this->frontLoad() / $this->rig->vehicle()->frontRate;
    }

    /** Rear fender rise, mm. */
    public function rearRise(): float
    {
        return $this->rig->vehicle()->rearLift - $this->rearLoad() / $this->rig->vehicle()->rearRate;
    }

    /** Change of front axle load, kg. */
    public function frontLoad(): float
    {
        return ($this->barMoment - $this->load * $this->rig->vehicle()->overhang) / $this->rig->vehicle()->wheelbase;
    }

    /** Change of rear axle load, kg. */
    public function rearLoad(): float
    {
        return $this->load - $this->frontLoad();
    }

    /** Change of load on the trailer's axles from level on its jack, kg. */
    public function trailerLoad(): float
    {
        return $this->rig->trailer()->tongueWeight - $this->load;
    }

    /** Load of all bars at the hook-up point, kg. */
    public function barLoad(): float
    {
        return $this->barMoment / $this->rig->bars()->arm;
    }

    /** Force between ball and coupler, kg. */
    public function ballLoad(): float
    {
        return $this->load + $this->barLoad();
    }

    /** rad */
    public function vehiclePitch(): float
    {
        return ($this->frontRise() - $this->rearRise()) / $this->rig->vehicle()->wheelbase;
    }

    public function vehiclePitchAngle(): Angle
    {
        return Angle::ofRadians($this->vehiclePitch());
    }

    public function trailerPitchAngle(): Angle
    {
        return Angle::ofRadians($this->trailerPitch);
    }

    /** Ball over level coupler height, mm. */
    public function ballRise(): float
    {
        return $this->rearRise() - $this->rig->vehicle()->overhang * $this->vehiclePitch() + $this->rig->bars()->ballOverCoupler;
    }

    /** Share of the front axle load lost by coupling that the bars put back; 0 with bars off, 1 as heavy as alone. */
    public function frontRestored(): float
    {
        $dropped = -$this->loadDropped * $this->rig->vehicle()->overhang / $this->rig->vehicle()->wheelbase;

        return 1.0 - $this->frontLoad() / $dropped;
    }
}
