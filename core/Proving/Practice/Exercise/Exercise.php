<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Job\Shop\ShopRules;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\Goal;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\TakeUp;

/** One rig of the practice yard: what a learner is told of it, what is true of it, and what is wrong with it. */
final readonly class Exercise
{
    /** Bars bent less than this look straight, mm. */
    public const STRAIGHT_MM = 5.0;

    /** A ball lower than this under where it should be shows to the eye, mm. */
    public const LOW_MM = 20.0;

    /**
     * @param  PracticeRig  $rig  as its specifications tell it
     * @param  Setting  $reference  that the hidden tension is told for
     * @param  HitchPlace  $start  how the hitch stands at first
     * @param  list<Fault>  $faults
     * @param  float  $tapeGap  how far a tape stands before the edge that it is read at, mm
     * @param  Length  $levelBall  unloaded ball over level coupler that lets the trailer end level
     */
    public function __construct(
        public ExerciseCode $code,
        public PracticeRig $rig,
        public Adjusters $adjusters,
        public Setting $reference,
        public HitchPlace $start,
        public HiddenRig $hidden,
        public array $faults,
        public float $tapeGap,
        private Length $levelBall,
    ) {
    }

    /** What a learner is told, the hitch put together so. */
    public function told(HitchPlace $hitch): SpecifiedRig
    {
        return $hitch->isTurned ? $this->rig->toldTurned : $this->rig->told;
    }

    /** Whether the ball stands too low for the trailer to end level. */
    public function isBallLow(HitchPlace $hitch): bool
    {
        return $this->ballOff($hitch)->millimetres() < -self::LOW_MM;
    }

    /** How far the unloaded ball stands over where it lets the trailer end level. */
    public function ballOff(HitchPlace $hitch): Length
    {
        return $this->hidden->ballOverCoupler($hitch)->minus($this->levelBall);
    }

    /** Whether the head has a gauge to read. */
    public function hasGauge(): bool
    {
        return $this->takeUp() === TakeUp::FixedLedge;
    }

    /** @return list<Remedy> that make sense on this hitch: nobody untwists what is no chain */
    public function remedies(): array
    {
        $hasChains = $this->takeUp()?->isChain() === true;

        return array_values(
            array_filter(
                Remedy::cases(),
                static fn (Remedy $remedy): bool => $hasChains || $remedy !== Remedy::UntwistChains,
            ),
        );
    }

    private function takeUp(): ?TakeUp
    {
        return $this->rig->told->sheets->family()?->facts()->takeUp;
    }

    public function goal(): Goal
    {
        return ShopRules::usual()->goal(Criterion::FrontRestoration);
    }

    public function standsLevel(Angle $pitch): bool
    {
        return $this->goal()->tolerances->standsLevel($pitch);
    }

    public function isInRange(float $share): bool
    {
        return $this->goal()->band->holds($share);
    }
}
