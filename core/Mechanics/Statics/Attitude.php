<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Statics;

use Yoke\Foundation\Units\Angle;

/**
 * How a coupled rig stands, as changes from the vehicle alone and the trailer level: mm (up positive), kg, rad (nose-up
 * positive).
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

    /**
     * What each spring of the group carries, front to back, kg; an equalised group is one. Level on its jack they share
     * by their rates; the group's rise and the pitch move load between them.
     *
     * @return non-empty-list<float>
     */
    public function trailerAxleLoads(): array
    {
        $trailer = $this->rig->trailer();
        $level = $trailer->weight - $trailer->tongueWeight;
        $groupRise = -$this->trailerLoad() / $trailer->groupRate();

        return array_map(
            fn (array $axle): float => ($level * $axle['rate']) / $trailer->groupRate() -
                $axle['rate'] * ($groupRise + $axle['offset'] * $this->trailerPitch),
            $trailer->axles,
        );
    }

    /** Load of all bars at the hook-up point, kg. */
    public function barLoad(): float
    {
        return $this->barMoment / $this->rig->bars()->arm;
    }

    /** How far each bar is bent up at its hook-up point, mm. */
    public function barBend(): float
    {
        return $this->barMoment / $this->rig->bars()->momentRate();
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
        return $this->rearRise() -
            $this->rig->vehicle()->overhang * $this->vehiclePitch() +
            $this->rig->bars()->ballOverCoupler;
    }

    /** Share of the front axle load lost by coupling that the bars restored; 0 with bars off, 1 as heavy as alone. */
    public function frontRestored(): float
    {
        $dropped = (-$this->loadDropped * $this->rig->vehicle()->overhang) / $this->rig->vehicle()->wheelbase;

        return 1.0 - $this->frontLoad() / $dropped;
    }
}
