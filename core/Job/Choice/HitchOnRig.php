<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Bounds;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\ExpectedHookUps;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\MoveWorth;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\SettingEvaluator;
use Yoke\Judgement\Advice\StanceEvaluator;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Method\Goal;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;

/**
 * A hitch on a rig before it is bought: what it would restore, what a step of it is worth, how soon it would be right.
 */
final readonly class HitchOnRig
{
    /** To measure the carried heights of a hook-up and judge them. */
    private const MEASURED_MINUTES = 6;

    /** Where a setting may stand between two steps, parts of a step: nobody knows before it is taped. */
    private const BETWEEN_STEPS = [-1 / 3, 0.0, 1 / 3];

    public SpecifiedRig $rig;

    private HitchSettings $settings;

    private Posterior $posterior;

    private Recommendation $first;

    /** @param  Goal  $goal  of the rig with this hitch */
    public function __construct(
        public HitchOffer $offer,
        SpecifiedRig $rig,
        private Season $season,
        private Goal $goal,
        private StoppingRules $policy,
    ) {
        $this->rig = $offer->on($rig);
        $adjusters = $this->rig->sheets->adjusters() ?? $offer->family->adjusters($offer->family->facts()->usual);
        $this->settings =
            $this->rig->settings($adjusters->middle()) ?? new HitchSettings($adjusters, $adjusters->middle());
        $this->posterior = (new Estimation($this->rig->prior(), []))->posterior();
        $this->first = $this->firstBy($this->posterior);
    }

    /** What the rig with it is planned as. */
    public function plan(): RigPlan
    {
        return new RigPlan($this->rig, $this->goal, $this->policy, $this->posterior);
    }

    /** Whether any setting of it may be advised: what a bench would refuse is nothing to buy. */
    public function isPossible(): bool
    {
        return $this->first->forecast->isOpen();
    }

    /** Where it would be hooked up first. */
    public function firstSetting(): Setting
    {
        return $this->first->forecast->setting;
    }

    /** Chance that the first hook-up is in range, 0 to 1. */
    public function firstChance(): float
    {
        return $this->first->forecast->chance;
    }

    /**
     * The same once the four heights of its bars are taped, as the mean over where a link may turn out to stand; null
     * of a
     * hitch without bars, which has none to tape.
     */
    public function firstChanceTaped(): ?float
    {
        if (! $this->offer->family->hasBars()) {
            return null;
        }
        $prior = $this->rig->prior();
        $step = $this->settings->adjusters->tensionStep();
        $chances = [];
        foreach (self::BETWEEN_STEPS as $part) {
            $taped = $prior
                ->withExact(RigDimension::BallOverCoupler)
                ->withTension(
                    Normal::of(
                        $prior->likely(RigParameter::Tension->value) + $part * $step,
                        $this->rig->doubts()->tensionTapedMm,
                    ),
                );
            $chances[] = $this->firstBy((new Estimation($taped, []))->posterior())->forecast->chance;
        }

        return array_sum($chances) / count($chances);
    }

    /**
     * The least and the most that any of its settings restores without breaking a rating or a clearance, shares of the
     * front axle load: more than 1 is within its reach, and never advised.
     */
    public function reach(): Bounds
    {
        $shares = [];
        foreach ($this->first->ranking as $forecast) {
            $shares =
                $forecast->isOpen() || $forecast->excluded === Exclusion::OverRestored
                    ? [...$shares, $forecast->share()->mean()]
                    : $shares;
        }

        return Bounds::of($shares === [] ? [0.0] : $shares);
    }

    /**
     * What one step of what is turned moves, one tighter from the first setting, or one looser where that is the
     * tightest.
     */
    public function stepWorth(): MoveWorth
    {
        $evaluator = new SettingEvaluator(
            new StanceEvaluator($this->posterior, $this->goal),
            $this->settings,
            $this->policy,
        );
        $from = $this->firstSetting();
        foreach ($this->settings->adjusters->all() as $adjuster) {
            if ($adjuster->role === Role::Tension) {
                $step = $from->step($adjuster->key);
                [$loose, $tight] = $adjuster->range->holds($step + 1.0) ? [$step, $step + 1.0] : [$step - 1.0, $step];

                return MoveWorth::between(
                    $evaluator->of($from->with($adjuster->key, $loose), null),
                    $evaluator->of($from->with($adjuster->key, $tight), null),
                );
            }
        }

        return MoveWorth::between($this->first->forecast, $this->first->forecast);
    }

    /** Bar tips over the ground at the first setting; null where frame or chain was not taped. */
    public function tipClearance(): ?Length
    {
        return $this->rig
            ->inPlace()
            ->barHang()
            ?->clearance($this->firstSetting(), $this->first->forecast->stance->carried);
    }

    /**
     * Chance that its bars hold the tongue weight all year, 0 to 1; null where their rating is not known, and without
     * bars.
     */
    public function chanceHeld(): ?float
    {
        return $this->offer->bars === null ? null : $this->season->chanceHeld($this->offer->bars);
    }

    /** The share that the first setting restores in the lightest load state. */
    public function restoredLightest(): float
    {
        return $this->restoredWith($this->season->lightest);
    }

    /** The same in the heaviest. */
    public function restoredHeaviest(): float
    {
        return $this->restoredWith($this->season->heaviest);
    }

    public function hookUps(): ExpectedHookUps
    {
        return ExpectedHookUps::from($this->firstChance());
    }

    /** That hook-ups take until it is right, each measured. */
    public function minutes(): float
    {
        return $this->hookUps()->mean() * ($this->settings->adjusters->stepMinutes() + self::MEASURED_MINUTES);
    }

    private function restoredWith(LoadChange $load): float
    {
        $prior = $this->rig->prior()->loaded($load);
        $tension = $prior->tensionAt(array_fill(0, $prior->count(), 0.0)) + $this->first->forecast->tensionOffset;

        return $prior->likelyRig()->carried($tension)->frontRestored();
    }

    private function firstBy(Posterior $posterior): Recommendation
    {
        return (new Advisor($this->settings, $this->goal, $this->policy))->advise($posterior);
    }
}
