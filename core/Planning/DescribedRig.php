<?php

declare(strict_types=1);

namespace Yoke\Planning;

use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Counting;
use Yoke\Adjuster\Role;
use Yoke\Adjuster\Setting;
use Yoke\Advice\HitchSettings;
use Yoke\Bars\HitchInPlace;
use Yoke\Constraint\BarRating;
use Yoke\Constraint\Constraint;
use Yoke\Constraint\KeptRatings;
use Yoke\Constraint\TipClearance;
use Yoke\Estimation\AxleGroup;
use Yoke\Estimation\CarriedOverPrior;
use Yoke\Estimation\KnownRig;
use Yoke\Estimation\PriorDoubts;
use Yoke\Estimation\RigDimension;
use Yoke\Estimation\RigPrior;
use Yoke\Estimation\SharedDoubts;
use Yoke\Family\Families;
use Yoke\Family\HitchFamily;
use Yoke\Family\HitchMeasures;
use Yoke\Head\HeadPlaces;
use Yoke\Loading\LoadChange;
use Yoke\Loading\Tank;
use Yoke\Method\Band;
use Yoke\Method\Criterion;
use Yoke\Method\Goal;
use Yoke\Method\Tolerances;
use Yoke\Probability\LogNormal;
use Yoke\Probability\Normal;
use Yoke\Ratings\RigRatings;
use Yoke\Rig\Axle;
use Yoke\Rig\Check\Problems;
use Yoke\Rig\Hitch;
use Yoke\Rig\Levelling;
use Yoke\Rig\Rig;
use Yoke\Rig\TongueWeightSource;
use Yoke\Rig\VehicleClass;
use Yoke\Specification\Values;
use Yoke\Statics\CoupledRig;
use Yoke\Statics\LevellingLoss;
use Yoke\Units\Length;
use Yoke\Units\Load;

/**
 * A rig as its three sheets describe it, with what is usual where they are silent (docs/model.md, What is usual).
 */
final readonly class DescribedRig
{
    /** A coupler whose level height nobody taped may stand anywhere about its readings. */
    private const COUPLER_LEVEL_MM = 100.0;

    /** @param  list<RigDimension>  $assumed  dimensions that nobody measured: the rig has what is usual in their place */
    public function __construct(
        private Rig $rig,
        private Values $vehicle,
        private Values $trailer,
        private Values $hitch,
        private PriorDoubts $doubts = new PriorDoubts,
        private array $assumed = [],
        private ?LoadChange $load = null,
        private ?CarriedOverPrior $learnt = null,
    ) {
    }

    /** The same rig with a change of load on board, besides what it had. */
    public function loaded(LoadChange $change): self
    {
        return new self($this->rig, $this->vehicle, $this->trailer, $this->hitch, $this->doubts, $this->assumed, $this->load === null ? $change : $this->load->plus($change), $this->learnt);
    }

    /** The same rig, of which readings of an earlier set-up told more than what is usual. */
    public function learnt(CarriedOverPrior $learnt): self
    {
        return new self($this->rig, $this->vehicle, $this->trailer, $this->hitch, $this->doubts, $this->assumed, $this->load, $learnt);
    }

    public function doubts(): PriorDoubts
    {
        return $this->doubts;
    }

    public function prior(): RigPrior
    {
        if ($this->learnt !== null) {
            return new RigPrior($this->known(), $this->learnt->likely(), $this->learnt->tension(), $this->load);
        }
        $tongueWeight = $this->tongueWeight();
        $doubtful = [
            new LogNormal($this->vehicleClass()->rideRate(Axle::Front), $this->doubts->rideRate),
            new LogNormal($this->vehicleClass()->rideRate(Axle::Rear), $this->doubts->rideRate),
            $tongueWeight,
            new LogNormal(max($this->grossKg() - $tongueWeight->value, UsualRig::LEAST_ON_AXLES * $this->grossKg()) / UsualRig::TRAILER_SINK_MM, $this->doubts->trailerRate),
            new LogNormal($this->trailer->number('cg_above_axle_mm') ?? $this->rig->trailer->body->cgAboveAxle(), $this->doubts->cgHeight),
            $this->barRate(),
        ];
        $known = $this->known();
        $middle = (new RigPrior($known, $doubtful, Normal::of(0.0, 0.0)))->likelyRig()->tensionFor(Band::usual()->middle());

        return new RigPrior($known, $doubtful, Normal::of($middle, $this->doubts->tensionNotTapedMm), $this->load);
    }

    /** The same, for a hook-up whose setting nobody knows: it is its own reference, and its tension may be anything. */
    public function priorOfUnknownSetting(): RigPrior
    {
        $prior = $this->prior();

        return $prior->withTension(Normal::of($prior->likely(RigPrior::TENSION), $this->doubts->tensionUnknownMm));
    }

    /** Null until it is known. */
    public function family(): ?HitchFamily
    {
        $family = $this->hitch->text('family');

        return $family === null ? null : Families::get($family);
    }

    /** Null until the hitch's family is known. */
    public function adjusters(): ?Adjusters
    {
        $family = $this->family();
        $usual = $family?->facts()->usual ?? new HitchMeasures;

        return $family?->adjusters(new HitchMeasures(
            $this->hitch->number('pitch_mm') ?? $usual->pitchMm,
            $this->hitch->number('steps') ?? $usual->steps,
            $this->hitch->number('tilt_deg') ?? $usual->tiltDegrees,
            $this->hitch->number('tilt_steps') ?? $usual->tiltSteps,
            $this->hitch->number('head_hole_mm') ?? $usual->headHoleMm,
            ($this->hitch->number('head_holes') ?? $usual->headHoles + 1) - 1,
            Counting::tryFrom((string) $this->hitch->text('counting')) ?? $usual->counting,
        ));
    }

    /** What can be set on the hitch from a reference; null until its family is known. */
    public function settings(Setting $reference): ?HitchSettings
    {
        $adjusters = $this->adjusters();

        return $adjusters === null ? null : new HitchSettings($adjusters, $reference, $this->constraints(), $this->startingTilt($adjusters));
    }

    /** Washers by where the tongue weight lies in the bars' range: few near its bottom, many near its top; null where the specification gives no range. */
    private function startingTilt(Adjusters $adjusters): ?float
    {
        $low = $this->hitch->number('bar_rating_low_kg');
        $high = $this->hitch->number('bar_rating_high_kg');
        foreach ($adjusters->all() as $adjuster) {
            if ($adjuster->role === Role::Tilt && $low !== null && $high !== null && $high > $low) {
                $share = max(0.0, min(1.0, ($this->tongueWeight()->value - $low) / ($high - $low)));

                return $adjuster->range->nearest($adjuster->range->from + $share * ($adjuster->range->to - $adjuster->range->from));
            }
        }

        return null;
    }

    /** What a set-up of this rig is held to: the vehicle maker's range before the shop's, the hitch maker's figures, levelling. */
    public function goal(Band $shops, Criterion $criterion, Tolerances $tolerances): Goal
    {
        return new Goal($this->range($shops), $criterion, $tolerances, $this->hitch->number('maker_ball_load_kg'), $this->levellingLoss());
    }

    private function range(Band $shops): Band
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
        return new RigRatings($this->vehicle, $this->trailer, $this->hitch, $this->rig, $this->load);
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
        $more = $this->load === null ? 0.0 : $this->load->trailer() - $this->load->tongue($this->ballToAxle()->millimetres());

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
        return (new Assumptions($this->rig, $this->vehicle, $this->trailer, $this->hitch, $this->doubts, $this->assumed))->all($this->prior());
    }

    /** Unloaded ball over level coupler, mm; null while a height is missing. */
    public function ballOverCoupler(): ?float
    {
        $ball = $this->hitch->number('ball_height_mm');
        $coupler = $this->trailer->number('coupler_height_mm');

        return $ball === null || $coupler === null ? null : $ball - $coupler;
    }

    public function tongueWeight(): LogNormal
    {
        $weighed = $this->trailer->number('tongue_weight_kg');
        if ($weighed === null) {
            $gross = $this->isAssumed(RigDimension::GrossWeight) ? $this->rig->trailer->body->grossWeight()[1] / $this->grossKg() : 0.0;

            return new LogNormal(TongueWeightSource::USUAL_SHARE * $this->grossKg(), hypot(TongueWeightSource::Estimate->doubt(), $gross));
        }
        $by = TongueWeightSource::tryFrom((string) $this->trailer->text('tongue_weight_by')) ?? TongueWeightSource::Estimate;

        return new LogNormal($weighed, $by->doubt());
    }

    /** Of one bar, or of both together as makers give it: tongue weight that the pair is made for. */
    private function barRate(): LogNormal
    {
        $fromSheet = $this->hitch->number('bar_rate_kg_per_mm');
        $rating = $this->hitch->number('bar_rating_high_kg');

        return match (true) {
            $fromSheet !== null => new LogNormal($fromSheet, $this->doubts->barRateFromSheet),
            $rating !== null => new LogNormal($rating / UsualRig::BAR_BEND_MM, $this->doubts->barRate),
            default => new LogNormal($this->tongueWeight()->value / UsualRig::BAR_BEND_MM, $this->doubts->barRateUnrated),
        };
    }

    private function known(): KnownRig
    {
        return new KnownRig(
            $this->rig->vehicle->wheelbase->millimetres(),
            $this->rig->vehicle->overhang->millimetres(),
            $this->rig->trailer->ballToAxle->millimetres(),
            $this->axleGroup(),
            $this->grossKg(),
            $this->rig->hitch->barArm->millimetres(),
            $this->ballOverCoupler() ?? 0.0,
            $this->sharedDoubts(),
        );
    }

    private function sharedDoubts(): SharedDoubts
    {
        $class = $this->vehicleClass();
        $body = $this->rig->trailer->body;
        $spreads = [
            [RigDimension::Wheelbase, $class->wheelbase()[1]],
            [RigDimension::Overhang, $class->overhang()[1]],
            [RigDimension::BallToAxle, $body->ballToAxle()[1]],
            [RigDimension::BarArm, Hitch::USUAL_BAR_ARM_MM[1]],
            [RigDimension::GrossWeight, $body->grossWeight()[1]],
        ];
        $deviations = [RigDimension::BallOverCoupler->value => $this->ballOverCoupler() === null ? $this->doubts->ballOverCouplerAssumedMm : $this->doubts->ballOverCouplerTapedMm];
        foreach ($spreads as [$dimension, $spread]) {
            if ($this->isAssumed($dimension)) {
                $deviations[$dimension->value] = $spread;
            }
        }

        return new SharedDoubts($deviations, $this->trailer->number('coupler_height_mm') === null ? self::COUPLER_LEVEL_MM : $this->doubts->couplerMm, $this->doubts->ballLoad);
    }

    private function isAssumed(RigDimension $dimension): bool
    {
        return in_array($dimension, $this->assumed, true);
    }

    private function axleGroup(): AxleGroup
    {
        return $this->rig->trailer->axles > 1 && $this->trailer->text('axle_group') === 'own springs'
            ? AxleGroup::unequalised($this->rig->trailer->axles, $this->trailer->number('axle_spacing_mm') ?? UsualRig::AXLE_SPACING_MM)
            : AxleGroup::equalised();
    }

    private function vehicleClass(): VehicleClass
    {
        return VehicleClass::tryFrom((string) $this->vehicle->text('vehicle_class')) ?? VehicleClass::usualFor($this->rig->vehicle->body);
    }

    private function grossKg(): float
    {
        return $this->rig->trailer->grossWeight->kilograms();
    }

    /** What the fields of a sheet, each possible alone, cannot be together. */
    public function check(Problems $problems): void
    {
        (new SheetChecks($this->vehicle, $this->trailer, $this->hitch, $this->grossKg()))->check($problems);
    }

    public function inPlace(): HitchInPlace
    {
        $adjusters = $this->family()?->hasBars() === true ? $this->adjusters() : null;

        return new HitchInPlace($adjusters, $this->rig->hitch->barArm, $this->ballToAxle(), $this->trailer, $this->hitch, $this->doubts);
    }

    /** @return list<Constraint> what no setting may break */
    public function constraints(): array
    {
        $rating = $this->inPlace()->barRating();
        $hang = $this->inPlace()->barHang();

        return [
            new KeptRatings($this->ratings()->ledger()),
            ...($rating === null ? [] : [new BarRating($rating)]),
            ...($hang === null ? [] : [new TipClearance($hang)]),
        ];
    }
}
