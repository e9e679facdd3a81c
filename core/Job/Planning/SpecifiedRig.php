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
use Yoke\Judgement\Head\HeadPlaces;
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
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\LevellingLoss;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Counting;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Parts\Check\Problems;
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
    /**
     * @param  list<RigDimension>  $assumed  dimensions that nobody measured: the rig has what is usual in their place
     */
    public function __construct(
        public Rig $rig,
        private SpecificationSheet $vehicle,
        private SpecificationSheet $trailer,
        private SpecificationSheet $hitch,
        private PriorDoubts $doubts,
        private array $assumed = [],
        private RigConditions $conditions = new RigConditions(),
    ) {
    }

    /** The same rig with a change of load on board, besides what it had. */
    public function loaded(LoadChange $change): self
    {
        return $this->under($this->conditions->loaded($change));
    }

    /**
     * The same rig as a weighbridge found it: measured beats what was assumed or written on a sheet. What is on board
     * besides stood on the scale too.
     */
    public function weighed(TicketSet $tickets): self
    {
        $more = $this->conditions->load;
        $wheelbase = $this->rig->vehicle->wheelbase->millimetres();
        $axles = [];
        foreach (
            [
                'front_axle_kg' => [$tickets->alone(WeighedAxle::Front), $more?->front($wheelbase)],
                'rear_axle_kg' => [$tickets->alone(WeighedAxle::Rear), $more?->rear($wheelbase)],
            ] as $key => [$weighed, $aboard]
        ) {
            $axles = $weighed === null ? $axles : [...$axles, $key => $weighed->kilograms() - ($aboard ?? 0.0)];
        }
        $gross = $tickets->gross()?->minus(Load::ofKilograms($more?->trailer() ?? 0.0));
        $trailer = $this->rig->trailer;

        return new self(
            Rig::of(
                $this->rig->vehicle,
                Trailer::of($trailer->body, $trailer->axles, $trailer->ballToAxle, $gross ?? $trailer->grossWeight),
                $this->rig->hitch,
            ),
            $this->vehicle->with($axles),
            $this->trailer,
            $this->hitch,
            $this->doubts,
            $gross === null ? $this->assumed : $this->assumedBut(RigDimension::GrossWeight),
            $this->conditions,
        );
    }

    /** @return list<RigDimension> */
    private function assumedBut(RigDimension $measured): array
    {
        return array_values(
            array_filter($this->assumed, static fn (RigDimension $dimension): bool => $dimension !== $measured),
        );
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
        $rig = Rig::of(
            $this->rig->vehicle,
            $this->rig->trailer,
            Hitch::of($barArm ?? Length::ofMillimetres(Hitch::USUAL_BAR_ARM_MM[0])),
        );
        $assumed = $this->assumedBut(RigDimension::BarArm);

        return new self(
            $rig,
            $this->vehicle,
            $this->trailer,
            $hitch,
            $this->doubts,
            $barArm === null ? [...$assumed, RigDimension::BarArm] : $assumed,
            $this->conditions->ofTheLoadAlone(),
        );
    }

    private function under(RigConditions $conditions): self
    {
        return new self(
            $this->rig,
            $this->vehicle,
            $this->trailer,
            $this->hitch,
            $this->doubts,
            $this->assumed,
            $conditions,
        );
    }

    public function doubts(): PriorDoubts
    {
        return $this->doubts;
    }

    public function prior(): RigPrior
    {
        $sheets = $this->specified()->sheets($this->adjusters());
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
        return new SpecifiedSheets(
            $this->rig,
            $this->vehicle,
            $this->trailer,
            $this->hitch,
            $this->doubts,
            $this->assumed,
            $this->conditions,
        );
    }

    /** Null until it is known. */
    public function family(): ?HitchFamily
    {
        $family = $this->hitch->text('family');

        return $family === null ? null : Families::get($family);
    }

    /** Whether the coupler sits on a plain ball: nothing distributes its load. */
    public function isPlainBall(): bool
    {
        return $this->family()?->facts()->takeUp->distributes() === false;
    }

    /** What the vehicle's front axle carries alone; null where nobody weighed it. */
    public function frontAxleAlone(): ?Load
    {
        return $this->vehicle->load('front_axle_kg');
    }

    /** Null until the hitch's family is known, and on a plain ball. */
    public function adjusters(): ?Adjusters
    {
        $family = $this->isPlainBall() ? null : $this->family();
        $usual = $family?->facts()->usual ?? new HitchMeasures();

        return $family?->adjusters(
            new HitchMeasures(
                $this->hitch->number('pitch_mm') ?? $usual->pitchMm,
                $this->hitch->number('steps') ?? $usual->steps,
                $this->hitch->number('tilt_deg') ?? $usual->tiltDegrees,
                $this->hitch->number('tilt_steps') ?? $usual->tiltSteps,
                $this->hitch->number('head_hole_mm') ?? $usual->headHoleMm,
                ($this->hitch->number('head_holes') ?? $usual->headHoles + 1) - 1,
                Counting::tryFrom((string) $this->hitch->text('counting')) ?? $usual->counting,
            ),
        );
    }

    /** What can be set on the hitch from a reference; null until its family is known. */
    public function settings(Setting $reference): ?HitchSettings
    {
        $adjusters = $this->adjusters();

        return $adjusters === null
            ? null
            : new HitchSettings($adjusters, $reference, $this->constraints(), $this->sheetStart()->tilt($adjusters));
    }

    /** Where the hitch's own data sheet starts. */
    public function sheetStart(): SheetStart
    {
        return new SheetStart($this->hitch, $this->tongueWeight()->value);
    }

    /**
     * What a set-up of this rig is held to: the vehicle maker's range before the shop's, the hitch maker's figures,
     * levelling.
     */
    public function goal(TargetRange $shops, Criterion $criterion, Tolerances $tolerances): Goal
    {
        return new Goal(
            $this->range($shops),
            $criterion,
            $tolerances,
            $this->hitch->number('maker_ball_load_kg'),
            $this->levellingLoss(),
        );
    }

    private function range(TargetRange $shops): TargetRange
    {
        $band = $this->makersWord()?->band() ?? $shops;
        $most = $this->makersMostRestored();

        return $most !== null && $most > $band->from ? $band->upToMakers($most) : $band;
    }

    /** What the hitch's maker asks for, where that is more than full return: a share; null where it does not. */
    public function makersMostRestored(): ?float
    {
        $percent = $this->hitch->number('maker_restored_percent');

        return $percent === null || $percent <= 100.0 ? null : $percent / 100.0;
    }

    /** What is switched on or pumped up for the road once the bars are set; null where nothing is. */
    public function levellingLoss(): ?LevellingLoss
    {
        $lift = $this->vehicle->number('air_lift_mm') ?? 0.0;
        $rate = $this->vehicle->number('air_rate_kg_per_mm') ?? 0.0;

        return match (true) {
            $this->levelling() === Levelling::AllCorners => LevellingLoss::ofAllCorners(),
            $this->levelling() === Levelling::Rear => LevellingLoss::ofTheRear(),
            $lift + $rate > 0.0 => LevellingLoss::ofAir($rate, $lift),
            default => null,
        };
    }

    public function makersWord(): ?ManufacturerPolicy
    {
        return ManufacturerPolicy::of($this->vehicle, $this->rig->trailer->grossWeight);
    }

    public function headPlaces(): HeadPlaces
    {
        return new HeadPlaces($this->vehicle, $this->trailer, $this->hitch);
    }

    public function ratings(): RigRatings
    {
        return new RigRatings($this->vehicle, $this->trailer, $this->hitch, $this->rig, $this->conditions->load);
    }

    /** @return list<Tank> */
    public function tanks(): array
    {
        return Tank::of($this->trailer);
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
        $more =
            $this->conditions->load === null
                ? 0.0
                : $this->conditions->load->trailer() -
                    $this->conditions->load->tongue($this->ballToAxle()->millimetres());

        return $this->rig->trailer->grossWeight->minus(Load::ofKilograms($this->tongueWeight()->value - $more));
    }

    /** Between the fore and the aft frame mark; null where the trailer's sheet does not say. */
    public function frameMarksApart(): ?Length
    {
        $aft = $this->trailer->length('aft_mark_mm');

        return $aft === null ? null : $this->trailer->length('fore_mark_mm')?->plus($aft);
    }

    public function ballToAxle(): Length
    {
        return $this->rig->trailer->ballToAxle;
    }

    public function levelling(): Levelling
    {
        return Levelling::tryFrom((string) $this->vehicle->text('levelling')) ?? Levelling::None;
    }

    /** @return list<Assumption> what was taken as usual */
    public function assumptions(): array
    {
        return (new Assumptions(
            $this->rig,
            $this->vehicle,
            $this->trailer,
            $this->hitch,
            $this->doubts,
            $this->assumed,
            $this->conditions,
        ))->all($this->prior());
    }

    /** Unloaded ball over level coupler, mm; null while a height is missing. */
    public function ballOverCoupler(): ?float
    {
        return $this->specified()->ballOverCoupler();
    }

    public function tongueWeight(): LogNormal
    {
        return $this->specified()->tongueWeight();
    }

    /** What the fields of a sheet, each possible alone, cannot be together. */
    public function check(Problems $problems): void
    {
        (new SheetChecks(
            $this->vehicle,
            $this->trailer,
            $this->hitch,
            $this->rig->trailer->grossWeight->kilograms(),
        ))->check($problems);
    }

    public function inPlace(): HitchInPlace
    {
        $adjusters = $this->family()?->hasBars() === true ? $this->adjusters() : null;

        return new HitchInPlace(
            $adjusters,
            $this->rig->hitch->barArm,
            $this->ballToAxle(),
            $this->trailer,
            $this->hitch,
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
