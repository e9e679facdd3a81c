<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\TongueWeightSource;
use Yoke\Rig\Parts\VehicleClass;
use Yoke\Rig\Specification\RigPart;

/** What of a rig's description is silent, and what stands in its place. */
final readonly class Assumptions
{
    /** A dimension that is measured keeps so much of a deviation, mm; the gross weight so much, kg. */
    private const MEASURED_MM = 5.0;

    private const MEASURED_KG = 40.0;

    /** What is known of springs and bars once somebody says which they are, as a share of the doubt before. */
    private const SAID = 0.85;

    /** Not a field of a specification: the four heights are taped on the job. */
    public const BARS_TAPED = 'bars_taped';

    public function __construct(
        private RigSpecification $sheets,
        private PriorDoubts $doubts,
        private RigConditions $conditions = new RigConditions(),
    ) {
    }

    /** @return list<Assumption> */
    public function all(RigPrior $prior): array
    {
        return [
            ...$this->dimensions($prior),
            ...$this->ofTheVehicle(),
            ...$this->ofTheTrailer(),
            ...$this->ofTheHitch($prior),
        ];
    }

    /** @return list<Assumption> */
    private function dimensions(RigPrior $prior): array
    {
        $assumptions = [];
        foreach (
            array_filter(
                $this->sheets->assumed,
                fn (RigDimension $dimension): bool => $dimension !== RigDimension::BarArm || ! $this->isPlainBall(),
            ) as $dimension
        ) {
            [$part, $field] = match ($dimension) {
                RigDimension::Wheelbase => [RigPart::Vehicle, 'wheelbase_mm'],
                RigDimension::Overhang => [RigPart::Vehicle, 'overhang_mm'],
                RigDimension::BallToAxle => [RigPart::Trailer, 'ball_to_axle_mm'],
                RigDimension::GrossWeight => [RigPart::Trailer, 'gross_weight_kg'],
                RigDimension::BarArm => [RigPart::Hitch, 'bar_arm_mm'],
                RigDimension::BallOverCoupler => [RigPart::Hitch, 'ball_height_mm'],
            };
            $left =
                ($dimension === RigDimension::GrossWeight ? self::MEASURED_KG : self::MEASURED_MM) /
                max(self::MEASURED_MM, $prior->known()->doubts->of($dimension));
            $assumptions[] = new Assumption(
                $part,
                $field,
                $prior->known()->expected($dimension),
                $prior->parameterOf($dimension),
                min(1.0, $left),
            );
        }

        return $assumptions;
    }

    /** @return list<Assumption> */
    private function ofTheVehicle(): array
    {
        return $this->sheets->vehicle->text('vehicle_class') !== null
            ? []
            : [
                new Assumption(
                    RigPart::Vehicle,
                    'vehicle_class',
                    VehicleClass::usualFor($this->sheets->rig->vehicle->body)->value,
                    RigParameter::FrontRate->value,
                    self::SAID,
                ),
            ];
    }

    /** @return list<Assumption> */
    private function ofTheTrailer(): array
    {
        $assumptions = [];
        if ($this->sheets->trailer->number('tongue_weight_kg') === null) {
            $assumptions[] = new Assumption(
                RigPart::Trailer,
                'tongue_weight_kg',
                TongueWeightSource::USUAL_SHARE,
                RigParameter::TongueWeight->value,
                TongueWeightSource::TongueScale->doubt() / TongueWeightSource::Estimate->doubt(),
            );
        }
        if ($this->sheets->rig->trailer->axles > 1 && $this->sheets->trailer->text('axle_group') === null) {
            $assumptions[] = new Assumption(RigPart::Trailer, 'axle_group', 'equalised', null, 1.0);
        }
        if ($this->sheets->trailer->number('cg_above_axle_mm') === null) {
            $assumptions[] = new Assumption(
                RigPart::Trailer,
                'cg_above_axle_mm',
                $this->sheets->rig->trailer->body->cgAboveAxle()->millimetres(),
                RigParameter::CgHeight->value,
                1.0,
            );
        }

        return $assumptions;
    }

    private function isPlainBall(): bool
    {
        return Families::find((string) $this->sheets->hitch->text('family'))?->facts()->takeUp->distributes() === false;
    }

    /** @return list<Assumption> */
    private function ofTheHitch(RigPrior $prior): array
    {
        if ($this->isPlainBall()) {
            return [];
        }
        $assumptions = [];
        if ($this->sheets->hitch->text('family') === null) {
            $assumptions[] = new Assumption(RigPart::Hitch, 'family', null, null, 1.0);
        }
        if (
            $this->sheets->hitch->number('bar_rating_high_kg') === null &&
            $this->sheets->hitch->number('bar_rate_kg_per_mm') === null
        ) {
            $assumptions[] = new Assumption(
                RigPart::Hitch,
                'bar_rating_high_kg',
                null,
                RigParameter::BarRate->value,
                $this->doubts->barRate / $this->doubts->barRateUnrated,
            );
        }
        $coupler = $this->sheets->trailer->number('coupler_height_mm');
        if ($this->conditions->bars !== null) {
            return $assumptions;
        }
        if ($coupler === null || $this->sheets->hitch->number('ball_height_mm') === null) {
            $assumptions[] = new Assumption(
                $coupler === null ? RigPart::Trailer : RigPart::Hitch,
                $coupler === null ? 'coupler_height_mm' : 'ball_height_mm',
                0.0,
                $prior->parameterOf(RigDimension::BallOverCoupler),
                $this->doubts->ballOverCouplerTapedMm / $this->doubts->ballOverCouplerAssumedMm,
            );
        }
        $family = $this->sheets->hitch->text('family');
        if ($family !== null && Families::get($family)->hasBars()) {
            $ball = $prior->parameterOf(RigDimension::BallOverCoupler);
            $isBallTaped = $coupler !== null && $this->sheets->hitch->number('ball_height_mm') !== null;
            $besides =
                $ball === null || $isBallTaped
                    ? []
                    : [$ball => $this->doubts->ballOverCouplerTapedMm / $this->doubts->ballOverCouplerAssumedMm];
            $assumptions[] = new Assumption(
                RigPart::Hitch,
                self::BARS_TAPED,
                null,
                RigParameter::Tension->value,
                $this->doubts->tensionTapedMm / $this->doubts->tensionNotTapedMm,
                $besides,
            );
        }

        return $assumptions;
    }
}
