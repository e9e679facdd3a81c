<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Statics;

/**
 * Self-levelling that is switched on, or helper air that is pumped up, once the bars are set: it lifts the rear,
 * slackens
 * the bars and takes load off the front again (docs/model.md, Levelling).
 */
final readonly class LevellingLoss
{
    private function __construct(
        private bool $holdsTheFront,
        private bool $holdsTheRear,
        /** What helper air springs add to the rear's ride rate, kg/mm; 0 or more. */
        private float $airRate,
        /** How far they lift the rear of the vehicle alone, mm. */
        private float $airLift,
        /** What it takes, against what these springs would: 1, but where a scale found otherwise. */
        private float $factor = 1.0,
    ) {
    }

    public static function ofTheRear(): self
    {
        return new self(false, true, 0.0, 0.0);
    }

    public static function ofAllCorners(): self
    {
        return new self(true, true, 0.0, 0.0);
    }

    /**
     * @param  float  $rate  added to the rear's ride rate, kg/mm
     * @param  float  $lift  of the rear alone, mm
     */
    public static function ofAir(float $rate, float $lift): self
    {
        return new self(false, false, max(0.0, $rate), $lift);
    }

    /** The same where a scale found that it takes so many times what the springs tell, 0 or more. */
    public function weighedAs(float $factor): self
    {
        return new self($this->holdsTheFront, $this->holdsTheRear, $this->airRate, $this->airLift, max(0.0, $factor));
    }

    /** The same rig as it goes on the road. */
    public function on(CoupledRig $off): CoupledRig
    {
        $vehicle = $off->vehicle();

        return new CoupledRig(
            new TowVehicle(
                $vehicle->wheelbase,
                $vehicle->overhang,
                $this->holdsTheFront ? INF : $vehicle->frontRate,
                $this->holdsTheRear ? INF : $vehicle->rearRate + $this->airRate,
                $this->holdsTheRear ? 0.0 : $this->airLift,
            ),
            $off->trailer(),
            $off->bars(),
        );
    }

    /** The restored share that is left on the road. */
    public function left(CoupledRig $off, float $tension): float
    {
        return $off->carried($tension)->frontRestored() - $this->lost($off, $tension);
    }

    /** How much of the restored share goes. */
    public function lost(CoupledRig $off, float $tension): float
    {
        return $this->lostBetween($off, $this->on($off), $tension);
    }

    /** The same of a road rig that is at hand already. */
    public function lostBetween(CoupledRig $off, CoupledRig $road, float $tension): float
    {
        return $this->factor *
            ($off->carried($tension)->frontRestored() - $road->carried($tension)->frontRestored());
    }
}
