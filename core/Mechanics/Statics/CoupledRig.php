<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Statics;

use Yoke\Expected;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;

/**
 * The planar static model of a coupled rig (docs/model.md, Equations): everything but the slack of the bars is linear
 * in the bar moment M, so that each stance is a superposition of M = 0 and M per unit, found once here.
 */
final readonly class CoupledRig
{
    /** Trailer pitch with bars off, rad, nose-up positive; and its change per kg·mm of bar moment. */
    private float $trailerPitch;

    private float $trailerPitchPerMoment;

    /** Load of the trailer on the vehicle, head and bars together, bars off, kg; and its change per kg·mm. */
    private float $ballForce;

    private float $ballForcePerMoment;

    /** Vehicle pitch with bars off, rad; and its change per kg·mm. */
    private float $vehiclePitch;

    private float $vehiclePitchPerMoment;

    /** @throws ImpossibleModel when the bars would hook up behind the trailer's axles */
    public function __construct(private TowVehicle $vehicle, private TowedTrailer $trailer, private Bars $bars)
    {
        if (! ($bars->arm < $trailer->ballToAxle)) {
            throw ImpossibleModel::at('arm', Expected::of('rig.bar_arm'));
        }
        $a = $vehicle->overhang / $vehicle->wheelbase;
        $front = 1.0 / $vehicle->frontRate;
        $rear = 1.0 / $vehicle->rearRate;
        $length = $trailer->ballToAxle;
        $sinkPerBallForce = $rear * (1 + $a) ** 2 + $front * $a ** 2 + 1.0 / $trailer->groupRate();
        $risePerMoment = ((1 + $a) * $rear + $a * $front) / $vehicle->wheelbase;
        $stiffness = $trailer->pitchStiffness() - $trailer->weight * $trailer->cgAboveAxle;
        $divisor = $length + ($sinkPerBallForce * $stiffness) / $length;
        $height =
            $bars->ballOverCoupler +
            $vehicle->rearLift * (1 + $a) -
            ($sinkPerBallForce - 1.0 / $trailer->groupRate()) * $trailer->tongueWeight;

        $this->trailerPitch = $height / $divisor;
        $this->trailerPitchPerMoment = ($risePerMoment + $sinkPerBallForce / $length) / $divisor;
        $this->ballForce = $trailer->tongueWeight + ($stiffness * $this->trailerPitch) / $length;
        $this->ballForcePerMoment = (-1.0 + $stiffness * $this->trailerPitchPerMoment) / $length;
        $this->vehiclePitch = $this->pitchOf($this->ballForce, 0.0) - $vehicle->rearLift / $vehicle->wheelbase;
        $this->vehiclePitchPerMoment = $this->pitchOf($this->ballForcePerMoment, 1.0);
    }

    public function dropped(): Attitude
    {
        return $this->at(0.0);
    }

    /**
     * @param  float  $tension how far the bar tips would be bent with vehicle and trailer at their datum, mm; negative
     *     is slack
     */
    public function carried(float $tension): Attitude
    {
        return $this->at(max(0.0, ($this->bars->momentRate() * ($tension + $this->sag())) / $this->relief()));
    }

    /** The same with bars that push as well as they pull: the straight line that slack cuts off. */
    public function taut(float $tension): Attitude
    {
        return $this->at(($this->bars->momentRate() * ($tension + $this->sag())) / $this->relief());
    }

    /**
     * How far the rear fender stands over its height alone while the tongue jack holds tongue and vehicle up so far
     * that the bars go on by hand: neither slack nor bent; mm. Negative where they are slack as the rig stands dropped
     * (docs/model.md, Jacked for the bars).
     *
     * @param  float  $tension  of the setting that they go on at, mm
     */
    public function rearRiseJacked(float $tension): float
    {
        $a = $this->vehicle->overhang / $this->vehicle->wheelbase;
        $give = (1 + $a) ** 2 / $this->vehicle->rearRate + $a ** 2 / $this->vehicle->frontRate;
        $length = $this->trailer->ballToAxle;
        $stiffness = $this->trailer->pitchStiffness() - $this->trailer->weight * $this->trailer->cgAboveAxle;
        // For each kg that the jack takes: how far the trailer turns, and what less the vehicle carries.
        $turn = $give / ($length + (($give + 1.0 / $this->trailer->groupRate()) * $stiffness) / $length);
        $less = 1.0 - ($stiffness * $turn) / $length;
        $bend = $tension + $this->sag();
        $unbends = $this->bars->arm * ($turn + $less * $this->pitchOf(1.0, 0.0));
        $held = max(0.0, $bend / $unbends);

        return $this->vehicle->rearLift - ((1 + $a) * ($this->ballForce - $less * $held)) / $this->vehicle->rearRate;
    }

    /** The tension, mm, that puts back a share of the lost front axle load. */
    public function tensionFor(float $share): float
    {
        $overhang = $this->vehicle->overhang;
        $moment = ($share * $this->ballForce * $overhang) / (1.0 - $this->ballForcePerMoment * $overhang);

        return ($moment * $this->relief()) / $this->bars->momentRate() - $this->sag();
    }

    /** How much the dropped attitude bends the bars of itself, mm. */
    private function sag(): float
    {
        return $this->bars->arm * ($this->vehiclePitch - $this->trailerPitch);
    }

    /** Bars let go as the rig straightens: by this factor, above 1, the moment stays below rate x bend. */
    private function relief(): float
    {
        return 1.0 -
            $this->bars->momentRate() *
                $this->bars->arm *
                ($this->vehiclePitchPerMoment - $this->trailerPitchPerMoment);
    }

    private function at(float $moment): Attitude
    {
        return new Attitude(
            $this,
            $this->ballForce + $this->ballForcePerMoment * $moment,
            $this->ballForce,
            $moment,
            $this->trailerPitch + $this->trailerPitchPerMoment * $moment,
        );
    }

    /** Vehicle pitch from its springs alone, rad. */
    private function pitchOf(float $ballForce, float $moment): float
    {
        $front = ($moment - $ballForce * $this->vehicle->overhang) / $this->vehicle->wheelbase;

        return (($ballForce - $front) / $this->vehicle->rearRate - $front / $this->vehicle->frontRate) /
            $this->vehicle->wheelbase;
    }

    public function vehicle(): TowVehicle
    {
        return $this->vehicle;
    }

    public function trailer(): TowedTrailer
    {
        return $this->trailer;
    }

    public function bars(): Bars
    {
        return $this->bars;
    }
}
