<?php

declare(strict_types=1);

namespace Yoke\Planning;

use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Counting;
use Yoke\Bars\HitchInPlace;
use Yoke\Constraint\BarRating;
use Yoke\Constraint\Constraint;
use Yoke\Constraint\KeptRatings;
use Yoke\Constraint\TipClearance;
use Yoke\Estimation\AxleGroup;
use Yoke\Estimation\CarriedOverPrior;
use Yoke\Estimation\KnownRig;
use Yoke\Estimation\PriorDoubts;
use Yoke\Estimation\RigPrior;
use Yoke\Family\Families;
use Yoke\Family\HitchFamily;
use Yoke\Family\HitchMeasures;
use Yoke\Head\HeadPlaces;
use Yoke\Loading\LoadChange;
use Yoke\Loading\Tank;
use Yoke\Method\Band;
use Yoke\Probability\LogNormal;
use Yoke\Probability\Normal;
use Yoke\Ratings\RigRatings;
use Yoke\Rig\Axle;
use Yoke\Rig\Check\Problems;
use Yoke\Rig\Levelling;
use Yoke\Rig\Rig;
use Yoke\Rig\TongueWeightSource;
use Yoke\Rig\VehicleClass;
use Yoke\Specification\Values;
use Yoke\Statics\CoupledRig;
use Yoke\Units\Length;
use Yoke\Units\Load;

/**
 * A rig as its three sheets describe it, with what is usual where they are silent (docs/model.md, What is usual).
 */
final readonly class DescribedRig
{
    /** Share of the gross weight that the axles carry at the least, whatever is typed for the tongue. */
    private const LEAST_ON_AXLES = 0.05;

    /** The group sinks so far under its load. */
    private const TRAILER_SINK_MM = 60.0;

    /** Rated load bends a bar so far at the hook-up point. */
    private const BAR_BEND_MM = 84.0;

    public function __construct(
        private Rig $rig,
        private Values $vehicle,
        private Values $trailer,
        private Values $hitch,
        private PriorDoubts $doubts = new PriorDoubts,
        private ?LoadChange $load = null,
        private ?CarriedOverPrior $learnt = null,
    ) {
    }

    /** The same rig with a change of load on board, besides what it had. */
    public function loaded(LoadChange $change): self
    {
        return new self($this->rig, $this->vehicle, $this->trailer, $this->hitch, $this->doubts, $this->load === null ? $change : $this->load->plus($change), $this->learnt);
    }

    /** The same rig, of which readings of an earlier set-up told more than what is usual. */
    public function learnt(CarriedOverPrior $learnt): self
    {
        return new self($this->rig, $this->vehicle, $this->trailer, $this->hitch, $this->doubts, $this->load, $learnt);
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
            new LogNormal(max($this->grossKg() - $tongueWeight->value, self::LEAST_ON_AXLES * $this->grossKg()) / self::TRAILER_SINK_MM, $this->doubts->trailerRate),
            new LogNormal($this->trailer->number('cg_above_axle_mm') ?? $this->rig->trailer->body->cgAboveAxle(), $this->doubts->cgHeight),
            $this->barRate(),
        ];
        $known = $this->known();
        $middle = (new RigPrior($known, $doubtful, Normal::of(0.0, 0.0)))->likelyRig()->tensionFor(Band::usual()->middle());

        return new RigPrior($known, $doubtful, Normal::of($middle, $this->doubts->tensionNotTapedMm), $this->load);
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
        $usual = $family?->usual() ?? new HitchMeasures;

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
        $lift = $this->vehicle->number('air_lift_mm') ?? 0.0;
        $rate = $this->vehicle->number('air_rate_kg_per_mm') ?? 0.0;

        return $this->levelling() === Levelling::None && $lift + $rate <= 0.0 ? null : new LevellingTakeBack($without, $this->levelling(), $rate, $lift);
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

    /** @return list<Assumption> what was taken as usual, weightiest first */
    public function assumptions(): array
    {
        $assumptions = [];
        $assume = function (bool $silent, string $says, string $field) use (&$assumptions): void {
            if ($silent) {
                $assumptions[] = new Assumption($says, $field);
            }
        };
        $assume($this->trailer->number('tongue_weight_kg') === null, sprintf('Tongue weight taken as %g %% of gross.', 100 * TongueWeightSource::USUAL_SHARE), 'tongue_weight_kg');
        $assume($this->hitch->number('bar_rating_high_kg') === null, 'Bars taken as rated for the tongue weight.', 'bar_rating_high_kg');
        $assume($this->vehicle->text('vehicle_class') === null, "Springs taken as usual in a {$this->vehicleClass()->value}.", 'vehicle_class');
        $assume($this->ballOverCoupler() === null, 'Ball taken as level with the coupler.', $this->trailer->number('coupler_height_mm') === null ? 'coupler_height_mm' : 'ball_height_mm');
        $assume($this->rig->trailer->axles > 1 && $this->trailer->text('axle_group') === null, 'Trailer axles taken as equalised.', 'axle_group');
        $assume($this->trailer->number('cg_above_axle_mm') === null, sprintf('Centre of gravity taken %g mm above the axles.', $this->rig->trailer->body->cgAboveAxle()), 'cg_above_axle_mm');

        return $assumptions;
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
            return new LogNormal(TongueWeightSource::USUAL_SHARE * $this->grossKg(), TongueWeightSource::Estimate->doubt());
        }
        $by = TongueWeightSource::tryFrom((string) $this->trailer->text('tongue_weight_by')) ?? TongueWeightSource::Estimate;

        return new LogNormal($weighed, $by->doubt());
    }

    /** Of one bar, or of both together as makers give it: tongue weight that the pair is made for. */
    private function barRate(): LogNormal
    {
        $fromSheet = $this->hitch->number('bar_rate_kg_per_mm');

        return $fromSheet === null
            ? new LogNormal(($this->hitch->number('bar_rating_high_kg') ?? $this->tongueWeight()->value) / self::BAR_BEND_MM, $this->doubts->barRate)
            : new LogNormal($fromSheet, $this->doubts->barRateFromSheet);
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
        );
    }

    private function axleGroup(): AxleGroup
    {
        return $this->rig->trailer->axles > 1 && $this->trailer->text('axle_group') === 'own springs'
            ? AxleGroup::unequalised($this->rig->trailer->axles, $this->trailer->number('axle_spacing_mm') ?? 860.0)
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
    public function obstacles(): array
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
