<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Statics;

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;

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

    public function frontRise(): Length
    {
        return Length::ofMillimetres($this->front());
    }

    public function rearRise(): Length
    {
        return Length::ofMillimetres($this->rear());
    }

    /** Change of front axle load. */
    public function frontLoad(): Load
    {
        return Load::ofKilograms($this->onFront());
    }

    /** Change of rear axle load. */
    public function rearLoad(): Load
    {
        return Load::ofKilograms($this->load - $this->onFront());
    }

    /** Change of load on the trailer's axles from level on its jack. */
    public function trailerLoad(): Load
    {
        return Load::ofKilograms($this->onTrailer());
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
        $groupRise = -$this->onTrailer() / $trailer->groupRate();

        return array_map(
            fn (array $axle): float => ($level * $axle['rate']) / $trailer->groupRate() -
                $axle['rate'] * ($groupRise + $axle['offset'] * $this->trailerPitch),
            $trailer->axles,
        );
    }

    /** Load of all bars at the hook-up point. */
    public function barLoad(): Load
    {
        return Load::ofKilograms($this->onBars());
    }

    /** How far each bar is bent up at its hook-up point. */
    public function barBend(): Length
    {
        return Length::ofMillimetres($this->barMoment / $this->rig->bars()->momentRate());
    }

    /** Force between ball and coupler. */
    public function ballLoad(): Load
    {
        return Load::ofKilograms($this->load + $this->onBars());
    }

    public function vehiclePitchAngle(): Angle
    {
        return Angle::ofRadians($this->vehiclePitch());
    }

    public function trailerPitchAngle(): Angle
    {
        return Angle::ofRadians($this->trailerPitch);
    }

    /** Ball over level coupler height. */
    public function ballRise(): Length
    {
        return Length::ofMillimetres(
            $this->rear() -
                $this->rig->vehicle()->overhang * $this->vehiclePitch() +
                $this->rig->bars()->ballOverCoupler,
        );
    }

    /** Share of the front axle load lost by coupling that the bars restored; 0 with bars off, 1 as heavy as alone. */
    public function frontRestored(): float
    {
        $dropped = (-$this->loadDropped * $this->rig->vehicle()->overhang) / $this->rig->vehicle()->wheelbase;

        return 1.0 - $this->onFront() / $dropped;
    }

    /** Rise of the front fender, mm. */
    private function front(): float
    {
        return -$this->onFront() / $this->rig->vehicle()->frontRate;
    }

    /** Rise of the rear fender, mm. */
    private function rear(): float
    {
        return $this->rig->vehicle()->rearLift - ($this->load - $this->onFront()) / $this->rig->vehicle()->rearRate;
    }

    /** What the front axle gains, kg. */
    private function onFront(): float
    {
        return ($this->barMoment - $this->load * $this->rig->vehicle()->overhang) / $this->rig->vehicle()->wheelbase;
    }

    /** What the trailer's axles gain, kg. */
    private function onTrailer(): float
    {
        return $this->rig->trailer()->tongueWeight - $this->load;
    }

    /** What the bars pull with, kg. */
    private function onBars(): float
    {
        return $this->barMoment / $this->rig->bars()->arm;
    }

    /** rad, nose-up positive */
    private function vehiclePitch(): float
    {
        return ($this->front() - $this->rear()) / $this->rig->vehicle()->wheelbase;
    }
}
