<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Proving\Simulation\World\Disturbance;
use Yoke\Rig\Parts\Stance;

/** What the faults of a rig change in it and in how it stands: sizes as they are met in a yard. */
final readonly class FaultEffects
{
    /** A rear axle held at its height gives way so many times less. */
    private const LEVELLED = 25.0;

    private const SOFT_RATE = 0.7;

    private const SOFT_MM = 12.0;

    private const LIGHT_TONGUE = 0.52;

    private const WRONG_BARS = 1.9;

    /** A twisted chain is so much shorter on its side, mm. */
    private const TWIST_MM = 14.0;

    /** A slipped bracket leaves its side so much slacker, mm. */
    private const SLIP_MM = 24.0;

    /** Of the tongue weight, left on a jack whose foot was not wound up. */
    private const ON_JACK = 0.35;

    /** @param  list<Fault>  $faults  that are there */
    public function __construct(private array $faults)
    {
    }

    public function has(Fault $fault): bool
    {
        return in_array($fault, $this->faults, true);
    }

    /** By what factor the rear springs are stiffer. */
    public function rearRate(): float
    {
        return ($this->has(Fault::LevellingOn) ? self::LEVELLED : 1.0) *
            ($this->has(Fault::SoftTyre) ? self::SOFT_RATE : 1.0);
    }

    /** How much higher the rear fender stands alone, mm. */
    public function rearAlone(): float
    {
        return $this->has(Fault::SoftTyre) ? -self::SOFT_MM : 0.0;
    }

    /** By what factor the tongue weighs more. */
    public function tongue(): float
    {
        return $this->has(Fault::TongueTooLight) ? self::LIGHT_TONGUE : 1.0;
    }

    /** By what factor the bars are stiffer. */
    public function barRate(): float
    {
        return $this->has(Fault::WrongBars) ? self::WRONG_BARS : 1.0;
    }

    /**
     * How much farther one side is taken up than the other, mm.
     *
     * @param  float  $step  what one step of the take-up is worth, mm
     */
    public function unlike(float $step): float
    {
        return abs($this->sides($step));
    }

    /** How much more the middle of both sides is taken up, mm: the one that is right stays where it is. */
    public function tension(float $step): float
    {
        return 0.5 * $this->sides($step);
    }

    /** The side that is not right over the other, mm. */
    private function sides(float $step): float
    {
        return ($this->has(Fault::ChainTwisted) ? self::TWIST_MM : 0.0) -
            ($this->has(Fault::UnequalSides) ? $step : 0.0) -
            ($this->has(Fault::BracketSlipped) ? self::SLIP_MM : 0.0);
    }

    /** @param  float  $tongueKg  tongue weight */
    public function disturbance(Stance $stance, float $tongueKg): Disturbance
    {
        $here = fn (Fault $fault): bool => $this->has($fault) && $fault->isThereIn($stance);

        return new Disturbance(
            rear: $here(Fault::WheelInDip) ? -Disturbance::DIP_MM : 0.0,
            cabKg: $here(Fault::SomebodyInCab) ? Disturbance::PERSON_KG : 0.0,
            jackKg: $here(Fault::WeightOnJack) ? self::ON_JACK * $tongueKg : 0.0,
        );
    }
}
