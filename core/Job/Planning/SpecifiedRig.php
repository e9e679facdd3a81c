<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Record\SheetPrior;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Constraint\BarRating;
use Yoke\Judgement\Constraint\Constraint;
use Yoke\Judgement\Constraint\KeptRatings;
use Yoke\Judgement\Constraint\TipClearance;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Judgement\Ratings\RigRatings;
use Yoke\Measuring\Bars\HitchInPlace;
use Yoke\Measuring\Bars\TapedBars;
use Yoke\Measuring\Estimation\CarriedOverPrior;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\LevellingLoss;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Levelling;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Specification\SpecificationSheet;

/**
 * A rig as its three sheets describe it, with what is usual where they are silent (docs/model.md, What is usual).
 */
final readonly class SpecifiedRig
{
    public function __construct(
        public RigSpecification $sheets,
        private PriorDoubts $doubts,
        private RigConditions $conditions = new RigConditions(),
    ) {
    }

    /** The same rig with a change of load on board, besides what it had. */
    public function loaded(LoadChange $change): self
    {
        return $this->under($this->conditions->loaded($change));
    }

    /** The same rig as a weighbridge found it: what is on board besides stood on the scale too. */
    public function weighed(TicketSet $tickets): self
    {
        return new self($this->sheets->weighed($tickets, $this->conditions->load), $this->doubts, $this->conditions);
    }

    /** The same rig, of which readings of an earlier set-up told more than what is usual. */
    public function learnt(CarriedOverPrior $learnt): self
    {
        return $this->under($this->conditions->learnt($learnt));
    }

    /** The same rig, with what the shop's earlier jobs make of what is usual. */
    public function experienced(LearnedPriors $experience): self
    {
        return $this->under($this->conditions->experienced($experience));
    }

    /** The same rig, its bars taped before anything was coupled. */
    public function taped(TapedBars $bars): self
    {
        return $this->under($this->conditions->taped($bars));
    }

    /**
     * The same vehicle and trailer with another hitch, as its specification describes it.
     *
     * @param  Length|null  $barArm  null where nobody measured it: the usual one is assumed
     */
    public function withHitch(SpecificationSheet $hitch, ?Length $barArm): self
    {
        return new self($this->sheets->withHitch($hitch, $barArm), $this->doubts, $this->conditions->ofTheLoadAlone());
    }

    private function under(RigConditions $conditions): self
    {
        return new self($this->sheets, $this->doubts, $conditions);
    }

    public function doubts(): PriorDoubts
    {
        return $this->doubts;
    }

    public function prior(): RigPrior
    {
        $sheets = $this->specified()->sheets($this->sheets->adjusters());
        $learnt = $this->conditions->learnt;

        return $learnt === null
            ? (new SheetPrior($this->doubts, $this->conditions->experience ?? LearnedPriors::of([])))->of(
                $sheets,
                $this->conditions->load,
            )
            : new RigPrior($sheets->known, $learnt->likely(), $learnt->tension(), $this->conditions->load);
    }

    private function specified(): SpecifiedSheets
    {
        return new SpecifiedSheets($this->sheets, $this->doubts, $this->conditions);
    }

    /** What can be set on the hitch from a reference; null until its family is known. */
    public function settings(Setting $reference): ?HitchSettings
    {
        $adjusters = $this->sheets->adjusters();

        return $adjusters === null
            ? null
            : new HitchSettings($adjusters, $reference, $this->constraints(), $this->sheetStart()->tilt($adjusters));
    }

    /** Where the hitch's own data sheet starts. */
    public function sheetStart(): SheetStart
    {
        return new SheetStart($this->sheets->hitch, $this->tongueWeight()->value);
    }

    /**
     * What a set-up of this rig is held to: the vehicle maker's range before the shop's, the hitch maker's figures,
     * levelling.
     */
    public function goal(TargetRange $shops, Criterion $criterion, Tolerances $tolerances): Goal
    {
        return new Goal(
            $this->sheets->range($shops),
            $criterion,
            $tolerances,
            $this->sheets->hitch->load('maker_ball_load_kg'),
            $this->levellingLoss(),
        );
    }

    public function ratings(): RigRatings
    {
        return new RigRatings(
            $this->sheets->vehicle,
            $this->sheets->trailer,
            $this->sheets->hitch,
            $this->sheets->rig,
            $this->conditions->load,
        );
    }

    /** What levelling or air springs take, as a scale found it, else by the model; null where nothing lifts. */
    public function levellingLoss(): ?LevellingLoss
    {
        return $this->sheets->levellingLoss()?->weighedAs($this->conditions->takenBack);
    }

    /** The same where a scale found levelling or air to take so many times what the model foretells. */
    public function takingBack(float $factor): self
    {
        return $this->under($this->conditions->takingBack($factor));
    }

    /** What levelling or helper air springs take back from a rig without them; null where it has neither. */
    public function takeBack(CoupledRig $without): ?LevellingTakeBack
    {
        $loss = $this->levellingLoss();

        return $loss === null ? null : new LevellingTakeBack($without, $loss);
    }

    /** What the trailer's axles carry while it stands level on its jack. */
    public function levelTrailerLoad(): Load
    {
        $load = $this->conditions->load;
        $more = $load === null ? Load::zero() : $load->trailer()->minus($load->tongue($this->sheets->ballToAxle()));

        return $this->sheets->rig->trailer->grossWeight
            ->minus(Load::ofKilograms($this->tongueWeight()->value))
            ->plus($more);
    }

    /** @return list<Assumption> what was taken as usual */
    public function assumptions(): array
    {
        return (new Assumptions($this->sheets, $this->doubts, $this->conditions))->all($this->prior());
    }

    /** Unloaded ball over level coupler; null while a height is missing. */
    public function ballOverCoupler(): ?Length
    {
        return $this->specified()->ballOverCoupler();
    }

    public function tongueWeight(): LogNormal
    {
        return $this->specified()->tongueWeight();
    }

    public function inPlace(): HitchInPlace
    {
        $adjusters = $this->sheets->family()?->hasBars() === true ? $this->sheets->adjusters() : null;

        return new HitchInPlace(
            $adjusters,
            $this->sheets->rig->hitch->barArm,
            $this->sheets->ballToAxle(),
            $this->sheets->trailer,
            $this->sheets->hitch,
            $this->doubts,
        );
    }

    /** @return list<Constraint> what no setting may break */
    public function constraints(): array
    {
        $rating = $this->inPlace()->barRating();
        $hang = $this->inPlace()->barHang();

        return [
            new KeptRatings($this->ratings()->ledger()),
            ...$rating === null ? [] : [new BarRating($rating)],
            ...$hang === null ? [] : [new TipClearance($hang)],
        ];
    }
}
