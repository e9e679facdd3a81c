<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Record\BarStiffness;
use Yoke\Job\Record\ReferenceTension;
use Yoke\Job\Record\RigSheets;
use Yoke\Job\Record\UsualRig;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Measuring\Estimation\Prior\KnownRig;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\SharedDoubts;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\TakeUp;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\TongueWeightSource;
use Yoke\Rig\Parts\VehicleClass;
use Yoke\Rig\Specification\RatingOf;

/** The sheets of a specified rig: what its specifications say, what is usual where they are silent. */
final readonly class SpecifiedSheets
{
    /** A coupler whose level height nobody taped may stand anywhere about its readings. */
    private const COUPLER_LEVEL_MM = 100.0;

    public function __construct(
        private RigSpecification $sheets,
        private PriorDoubts $doubts,
        private RigConditions $conditions,
    ) {
    }

    /** @param  Adjusters|null  $adjusters  of the hitch; null until its family is known */
    public function sheets(?Adjusters $adjusters): RigSheets
    {
        $class = $this->vehicleClass();

        return new RigSheets(
            $this->known(),
            new LogNormal($class->rideRate(Axle::Front), $this->doubts->rideRate),
            new LogNormal($class->rideRate(Axle::Rear), $this->doubts->rideRate),
            $this->tongueWeight(),
            ($this->sheets->trailer->length('cg_above_axle_mm') ??
                $this->sheets->rig->trailer->body->cgAboveAxle())->millimetres(),
            $this->bars(),
            $this->tension($adjusters),
        );
    }

    private function tension(?Adjusters $adjusters): ReferenceTension
    {
        $taped = $this->taped($adjusters);

        return match (true) {
            $taped !== null => ReferenceTension::told($taped),
            $adjusters === null => ReferenceTension::usual(0.0, $this->doubts->tensionNotTapedMm),
            $this->hasChainsAlone() => ReferenceTension::told(
                Normal::of(
                    $adjusters->tensionBetween(
                        $adjusters->loosest($adjusters->middle()),
                        $adjusters->middle(),
                        $this->barArm(),
                    ),
                    $this->doubts->chainTensionMm,
                ),
            ),
            default => ReferenceTension::usual($this->overStart($adjusters), $this->doubts->tensionNotTapedMm),
        };
    }

    /** How much more the middle setting bends the bars than the one that the data sheet starts at, mm. */
    private function overStart(Adjusters $adjusters): float
    {
        $start = (new SheetStart($this->sheets->hitch, $this->tongueWeight()->value))->setting($adjusters);

        return $start === null ? 0.0 : $adjusters->tensionBetween($start, $adjusters->middle(), $this->barArm());
    }

    private function barArm(): float
    {
        return $this->sheets->rig->hitch->barArm->millimetres();
    }

    /** The middle setting's tension as it was taped on the bars; null where it was not. */
    private function taped(?Adjusters $adjusters): ?Normal
    {
        $bars = $this->conditions->bars;
        if ($bars === null || $adjusters === null) {
            return null;
        }
        $taped = $bars->heights->tension($this->doubts->tensionTapedMm);

        return Normal::of(
            $taped->mean() +
                $adjusters->tensionBetween(
                    $bars->setting,
                    $adjusters->middle(),
                    $this->sheets->rig->hitch->barArm->millimetres(),
                ),
            $taped->deviation(),
        );
    }

    /** Unloaded ball over level coupler; null while a height is missing. */
    public function ballOverCoupler(): ?Length
    {
        $taped = $this->conditions->bars?->heights->ballOverCoupler();
        $ball = $this->sheets->hitch->length('ball_height_mm');
        $coupler = $this->sheets->trailer->length('coupler_height_mm');

        return $taped ?? ($ball === null || $coupler === null ? null : $ball->minus($coupler));
    }

    public function tongueWeight(): LogNormal
    {
        $weighed = $this->sheets->trailer->number('tongue_weight_kg');
        if ($weighed === null) {
            $gross = $this->isAssumed(RigDimension::GrossWeight)
                ? $this->sheets->rig->trailer->body->grossWeight()->deviation() / $this->grossKg()
                : 0.0;

            return new LogNormal(
                TongueWeightSource::USUAL_SHARE * $this->grossKg(),
                hypot(TongueWeightSource::Estimate->doubt(), $gross),
            );
        }
        $by =
            TongueWeightSource::tryFrom((string) $this->sheets->trailer->text('tongue_weight_by')) ??
            TongueWeightSource::Estimate;

        return new LogNormal($weighed, $by->doubt());
    }

    /** Whether chains are stretched in place of bars: soft, and taut from their loosest thread on. */
    private function hasChainsAlone(): bool
    {
        return $this->sheets->hitch->text('family') !== null &&
            Families::find($this->sheets->hitch->text('family'))?->facts()->takeUp === TakeUp::StretchedChains;
    }

    private function bars(): BarStiffness
    {
        $fromSheet = $this->sheets->hitch->number('bar_rate_kg_per_mm');
        $rating = $this->sheets->hitch->load('bar_rating_high_kg');

        return match (true) {
            $fromSheet !== null => BarStiffness::ofRate($fromSheet),
            $this->hasChainsAlone() => BarStiffness::ofChains(),
            $rating !== null => BarStiffness::ofRating(
                RatingOf::said($this->sheets->hitch->text('bar_rating_of'))->ofOneBar($rating)->kilograms(),
            ),
            default => BarStiffness::unknown(),
        };
    }

    private function known(): KnownRig
    {
        return new KnownRig(
            $this->sheets->rig->vehicle->wheelbase->millimetres(),
            $this->sheets->rig->vehicle->overhang->millimetres(),
            $this->sheets->rig->trailer->ballToAxle->millimetres(),
            $this->axleGroup(),
            $this->grossKg(),
            $this->sheets->rig->hitch->barArm->millimetres(),
            $this->ballOverCoupler()?->millimetres() ?? 0.0,
            $this->sharedDoubts(),
        );
    }

    private function sharedDoubts(): SharedDoubts
    {
        $class = $this->vehicleClass();
        $body = $this->sheets->rig->trailer->body;
        $spreads = [
            [RigDimension::Wheelbase, $class->wheelbase()->deviation()],
            [RigDimension::Overhang, $class->overhang()->deviation()],
            [RigDimension::BallToAxle, $body->ballToAxle()->deviation()],
            [RigDimension::BarArm, Hitch::USUAL_BAR_ARM_MM[1]],
            [RigDimension::GrossWeight, $body->grossWeight()->deviation()],
        ];
        $deviations = [
            RigDimension::BallOverCoupler->value => $this->ballOverCoupler() === null
                    ? $this->doubts->ballOverCouplerAssumedMm
                    : $this->doubts->ballOverCouplerTapedMm,
        ];
        foreach ($spreads as [$dimension, $spread]) {
            if ($this->isAssumed($dimension)) {
                $deviations[$dimension->value] = $spread;
            }
        }

        return new SharedDoubts(
            $deviations,
            $this->sheets->trailer->number('coupler_height_mm') === null
                ? self::COUPLER_LEVEL_MM
                : $this->doubts->couplerMm,
            $this->doubts->ballLoad,
        );
    }

    private function isAssumed(RigDimension $dimension): bool
    {
        return in_array($dimension, $this->sheets->assumed, true);
    }

    private function axleGroup(): AxleGroup
    {
        return $this->sheets->rig->trailer->axles > 1 && $this->sheets->trailer->text('axle_group') === 'own springs'
            ? AxleGroup::unequalised(
                $this->sheets->rig->trailer->axles,
                $this->sheets->trailer->number('axle_spacing_mm') ?? UsualRig::AXLE_SPACING_MM,
            )
            : AxleGroup::equalised();
    }

    private function vehicleClass(): VehicleClass
    {
        return VehicleClass::tryFrom((string) $this->sheets->vehicle->text('vehicle_class')) ??
            VehicleClass::usualFor($this->sheets->rig->vehicle->body);
    }

    private function grossKg(): float
    {
        return $this->sheets->rig->trailer->grossWeight->kilograms();
    }
}
