<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Term;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Head\BallHeight;
use Yoke\Judgement\Head\BallHeightRule;
use Yoke\Judgement\Head\HeadPlaces;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;

/**
 * What is known of a set-up before a bar goes on. Predictions are for the ball as it stands; where nobody measured it,
 * for the ball as planned.
 */
final readonly class RigPlan
{
    private RigPrior $prior;

    private Normal $ballAdvised;

    private Posterior $posterior;

    private TargetRange $band;

    private TicketSet $tickets;

    /**
     * @param  Posterior|null  $posterior  what readings told of the rig; null before there are any
     * @param  TicketSet|null  $tickets  what a scale found of it as it stands; null before it was weighed
     */
    public function __construct(
        private SpecifiedRig $rig,
        private Goal $goal,
        private StoppingRules $policy,
        ?Posterior $posterior = null,
        ?TicketSet $tickets = null,
    ) {
        $this->tickets = $tickets ?? TicketSet::none();
        $this->prior = $rig->prior();
        $this->band = $goal->band;
        $this->posterior = $posterior ?? (new Estimation($this->prior, []))->posterior();
        $this->ballAdvised = (new BallHeight($this->prior))->forCarried($this->shareAimedAt(), Angle::zero());
    }

    /** Unloaded ball over level coupler so that the trailer ends level when carried, mm. */
    public function ballAdvised(): Normal
    {
        return $this->ballAdvised;
    }

    /**
     * The same within the range that the hitch's data sheet gives: its nearest end where the model lies outside.
     */
    public function ballPlanned(): Length
    {
        $advised = Length::ofMillimetres($this->ballAdvised->mean());

        return $this->rig->sheetStart()->ball()?->nearest($advised) ?? $advised;
    }

    /** How the trailer would stand carried with the ball as planned; nose-up positive. */
    public function pitchAsPlanned(): Angle
    {
        $rig = $this->prior->likelyRig($this->ballPlanned()->millimetres() - $this->prior->known()->ballOverCoupler);

        return $rig->carried($rig->tensionFor($this->shareAimedAt()))->trailerPitchAngle();
    }

    /** @return non-empty-list<Term> where the advised ball height comes from */
    public function ballDerivation(): array
    {
        return (new BallHeight($this->prior))->derivation($this->shareAimedAt());
    }

    /** @return list<BallHeightRule> */
    public function schools(): array
    {
        $sheets = $this->rig->sheetStart()->ball();

        return [...$sheets === null ? [] : [$sheets], ...(new BallHeight($this->prior))->schools()];
    }

    /** @return list<ShankPlace> where to bolt the head for the ball as planned, nearest first */
    public function shankPlaces(): array
    {
        return $this->rig->sheets->headPlaces()->for($this->ballPlanned());
    }

    /**
     * In a hole that somebody names, or between two; null where the sheets do not tell how high it brings the ball.
     *
     * @param  'drop'|'rise'  $turned
     * @param  float  $hole  counted from the receiver, from 1
     */
    public function shankPlace(string $turned, float $hole): ?ShankPlace
    {
        return $this->headPlaces()->at($turned, $hole, $this->ballPlanned());
    }

    public function headPlaces(): HeadPlaces
    {
        return $this->rig->sheets->headPlaces();
    }

    /** Where the head is bolted, or is to be where nobody measured the ball; null where the shank is not known. */
    public function headAsBolted(): ?ShankPlace
    {
        $stands = $this->rig->ballOverCoupler();

        return $stands === null ? $this->shankPlaces()[0] ?? null : $this->rig->sheets->headPlaces()->asBolted($stands);
    }

    /** How far the bars' eyes stand below their line at the head at the first setting; 0 where nobody taped it. */
    public function tipDrop(): Length
    {
        $middle = $this->rig->sheets->adjusters()?->middle();

        return ($middle === null ? null : $this->rig->inPlace()->barHang()?->tipDrop($middle)) ?? Length::zero();
    }

    public function dropped(): Attitude
    {
        return $this->likelyRig()->dropped();
    }

    /** As aimed at: the middle of the band, or as near to it as the hitch comes. */
    public function carried(): Attitude
    {
        return $this->likelyRig()->carried($this->tensionAimedAt());
    }

    /** @return list<RatedLoad> dropped and carried; a line that is the same in both stands once */
    public function ledger(): array
    {
        return (new RigLedger($this->rig, $this->tickets))->lines($this->dropped(), $this->carried());
    }

    /** The move to begin with, by all that is known; null while the hitch's family is not known. */
    public function firstMove(): ?Recommendation
    {
        $adjusters = $this->rig->sheets->adjusters();
        $settings = $adjusters === null ? null : $this->rig->settings($adjusters->middle());

        return $settings === null
            ? null
            : (new Advisor($settings, $this->goal, $this->policy))->advise($this->posterior);
    }

    /** From parallel with the frame at a setting, tips low negative; null where the gaps were not taped. */
    public function fromParallel(Setting $setting): ?Angle
    {
        return $this->rig->inPlace()->barHang()?->fromParallel($setting);
    }

    /** @return list<Term> from the middle setting's tension to the share, then what each doubt is worth in share */
    public function settingTerms(SettingForecast $forecast): array
    {
        $adjusters = $this->rig->sheets->adjusters();
        if ($adjusters === null) {
            return [];
        }
        $reference = $adjusters->middle();
        $arm = $this->prior->known()->barArm;
        $terms = [new Term('middle_setting', Length::ofMillimetres($this->posterior->tension()))];
        foreach ($adjusters->all() as $adjuster) {
            $worth = $adjusters->tensionBetween(
                $reference,
                $reference->with($adjuster->key, $forecast->setting->step($adjuster->key)),
                $arm,
            );
            if ($adjuster->role !== Role::HeadHeight) {
                $terms[] = new Term("adjuster.{$adjuster->key}", Length::ofMillimetres($worth));
            }
        }
        $terms[] = new Term('restored', $forecast->share()->mean());
        $doubts = $this->prior
            ->spread($this->ballOffset())
            ->doubts(
                static fn (CoupledRig $rig, float $at): float => $rig
                    ->taut($at + $forecast->tensionOffset)
                    ->frontRestored(),
            );
        foreach ($doubts as $parameter => $doubt) {
            $terms[] = new Term('doubt.'.$this->prior->nameOf($parameter), $doubt);
        }

        return $terms;
    }

    /**
     * How far the chains lean to the rear of square at a setting, with the brackets in their place; null where it
     * cannot be told.
     */
    public function chainLean(Setting $setting): ?Angle
    {
        $bracket = $this->rig->inPlace()->bracketPlace()->at;

        return $bracket === null
            ? null
            : $this->rig->inPlace()->barHang()?->chainLean($setting, $this->carried(), $bracket);
    }

    /**
     * How far the rear fender stands over its height alone while the tongue is jacked so far that the bars go on by
     * hand at a setting; null on a hitch without bars that are put on so, and where one is turned under load.
     */
    public function rearRiseJacked(Setting $setting): ?Length
    {
        $adjusters = $this->rig->sheets->adjusters();
        $isPutOn = $this->rig->sheets->family()?->hasBars() === true && $adjusters?->turnedLoaded() === null;

        return $adjusters === null || ! $isPutOn
            ? null
            : Length::ofMillimetres(
                $this->likelyRig()->rearRiseJacked(
                    $this->posterior->tension() +
                        $adjusters->tensionBetween($adjusters->middle(), $setting, $this->prior->known()->barArm),
                ),
            );
    }

    /** Whether a setting may be hooked up in the yard alone, until it is read. */
    public function isInTheYardOnly(SettingForecast $forecast): bool
    {
        return $this->policy->isForTheYardOnly($forecast);
    }

    /** @return list<Term> where a setting's bar-tip clearance comes from */
    public function clearanceTerms(Setting $setting): array
    {
        return $this->rig->inPlace()->barHang()?->clearanceTerms($setting, $this->carried()) ?? [];
    }

    /** The share of front axle load that levelling or air springs take back when they are on again; 0 without them. */
    public function takenBack(): float
    {
        if ($this->rig->sheets->isPlainBall()) {
            return 0.0;
        }

        return $this->rig->takeBack($this->likelyRig())?->lost($this->tensionAimedAt()) ?? 0.0;
    }

    /** Whether the rig needs weight distribution. */
    public function need(): DistributionNeed
    {
        return new DistributionNeed($this->rig, $this);
    }

    /** What has to be restored before they are on again, so that enough is left on the road. */
    public function rangeBefore(): TargetRange
    {
        return $this->band->raisedBy($this->takenBack());
    }

    /** The rig as planned before and after levelling or air springs are on again; null without them. */
    public function takeBack(): ?LevellingTakeBack
    {
        return $this->rig->takeBack($this->likelyRig());
    }

    /** What is to be restored: the middle of the range; nothing on a plain ball. */
    private function shareAimedAt(): float
    {
        return $this->rig->sheets->isPlainBall() ? 0.0 : $this->band->middle();
    }

    /** The tension that is aimed at, mm: never more than the chains of a hitch without bars give. */
    public function tensionAimedAt(): float
    {
        return min($this->likelyRig()->tensionFor($this->shareAimedAt()), $this->mostTension() ?? INF);
    }

    /** The tension that a hitch without bars has at its most, mm; null of one with bars. */
    private function mostTension(): ?float
    {
        $adjusters = $this->rig->sheets->family()?->hasBars() === false ? $this->rig->sheets->adjusters() : null;

        return $adjusters === null
            ? null
            : $this->posterior->tension() +
                    $adjusters->tensionBetween($adjusters->middle(), $adjusters->tightest($adjusters->middle()), 0.0);
    }

    /** What a hitch without bars restores at its most, a share; null of one with bars. */
    public function mostRestored(): ?float
    {
        $most = $this->mostTension();

        return $most === null ? null : $this->likelyRig()->carried($most)->frontRestored();
    }

    private function likelyRig(): CoupledRig
    {
        return $this->posterior->rig($this->ballOffset());
    }

    /** From the ball as the prior has it to the ball as it is predicted for, mm. */
    private function ballOffset(): float
    {
        return $this->rig->ballOverCoupler() === null
            ? $this->ballPlanned()->millimetres() - $this->prior->known()->ballOverCoupler
            : 0.0;
    }
}
