<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\DistributionNeed;
use Yoke\Job\Planning\NeedAnswer;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Method\Goal;
use Yoke\Mechanics\Loading\TongueShare;
use Yoke\Mechanics\Statics\Attitude;

/** Whether a rig needs weight distribution in any load state of its year. */
final readonly class SeasonNeed
{
    private RigPlan $lightest;

    private RigPlan $heaviest;

    /** @param  SpecifiedRig  $rig  on a plain ball */
    public function __construct(SpecifiedRig $rig, private Season $season, Goal $goal, StoppingRules $policy)
    {
        $this->lightest = new RigPlan($rig->loaded($season->lightest), $goal, $policy);
        $this->heaviest = new RigPlan($rig->loaded($season->heaviest), $goal, $policy);
    }

    /** In the load state that asks for it more. */
    public function governing(): DistributionNeed
    {
        return $this->isOfTheLightest() ? $this->lightest->need() : $this->heaviest->need();
    }

    /** The rig on its plain ball in that load state. */
    public function dropped(): Attitude
    {
        return $this->isOfTheLightest() ? $this->lightest->dropped() : $this->heaviest->dropped();
    }

    /** On its plain ball with the least that it carries in a year. */
    public function droppedLightest(): Attitude
    {
        return $this->lightest->dropped();
    }

    /** The same with the most. */
    public function droppedHeaviest(): Attitude
    {
        return $this->heaviest->dropped();
    }

    public function lightestShare(): TongueShare
    {
        return self::tongueShare($this->droppedLightest());
    }

    public function heaviestShare(): TongueShare
    {
        return self::tongueShare($this->droppedHeaviest());
    }

    private static function tongueShare(Attitude $dropped): TongueShare
    {
        return new TongueShare($dropped->rig()->trailer()->tongueWeight / $dropped->rig()->trailer()->weight);
    }

    /** Chance that some load state leaves too little on the tongue, so that the trailer invites sway, 0 to 1. */
    public function chanceOfTooLittle(): float
    {
        $light = Load::ofKilograms($this->droppedLightest()->rig()->trailer()->weight);
        $heavy = Load::ofKilograms($this->droppedHeaviest()->rig()->trailer()->weight);

        return max(
            $this->season->chanceBelowShare(TongueShare::LEAST, $this->season->lightest, $light),
            $this->season->chanceBelowShare(TongueShare::LEAST, $this->season->heaviest, $heavy),
        );
    }

    private function isOfTheLightest(): bool
    {
        return self::urgency($this->lightest->need()->answer()) < self::urgency($this->heaviest->need()->answer());
    }

    /** Lower comes first. */
    private static function urgency(NeedAnswer $answer): int
    {
        return (int) array_search($answer, NeedAnswer::cases(), true);
    }
}
