<?php

declare(strict_types=1);

namespace Yoke\Planning;

use Yoke\Adjuster\Adjusters;
use Yoke\Estimation\AxleGroup;
use Yoke\Estimation\KnownRig;
use Yoke\Estimation\LearnedPriors;
use Yoke\Estimation\PriorDoubts;
use Yoke\Estimation\RigDimension;
use Yoke\Estimation\RigPrior;
use Yoke\Estimation\SharedDoubts;
use Yoke\Family\Families;
use Yoke\Family\TakeUp;
use Yoke\Probability\LogNormal;
use Yoke\Probability\Normal;
use Yoke\Rig\Axle;
use Yoke\Rig\Hitch;
use Yoke\Rig\Rig;
use Yoke\Rig\TongueWeightSource;
use Yoke\Rig\VehicleClass;
use Yoke\Specification\SpecificationSheet;

/**
 * A described rig as the fit starts from it: what its specifications say, what is usual where they are silent, each
 * with its doubt.
 */
final readonly class DescribedPrior
{
    /** A coupler whose level height nobody taped may stand anywhere about its readings. */
    private const COUPLER_LEVEL_MM = 100.0;

    /**
     * @param  list<RigDimension>  $assumed  dimensions that nobody measured: the rig has what is usual in their place
     */
    public function __construct(
        private Rig $rig,
        private SpecificationSheet $vehicle,
        private SpecificationSheet $trailer,
        private SpecificationSheet $hitch,
        private PriorDoubts $doubts,
        private array $assumed,
        private RigConditions $conditions,
    ) {
    }

    /** @param  Adjusters|null  $adjusters  of the hitch; null until its family is known */
    public function prior(?Adjusters $adjusters): RigPrior
    {
        $known = $this->known();
        $learnt = $this->conditions->learnt;
        if ($learnt !== null) {
            return new RigPrior($known, $learnt->likely(), $learnt->tension(), $this->conditions->load);
        }
        $doubtful = $this->doubtful($this->learned());

        $taped = $this->taped($adjusters);
        $prior = new RigPrior(
            $known,
            $doubtful,
            $taped ?? $this->usualTension($adjusters, $known, $doubtful),
            $this->conditions->load,
        );

        return $taped === null && $this->learned()->has('tension') && ! $this->hasChainsAlone()
            ? $prior->withTensionFor(
                $this->learned()->length('tension', $this->usualTension($adjusters, $known, $doubtful)),
                $this->barRate(LearnedPriors::of([]))->value,
                UsualRig::SHARE_AT_START,
            )
            : $prior;
    }

    /** What the shop has learned: nothing where it has not. */
    private function learned(): LearnedPriors
    {
        return $this->conditions->experience ?? LearnedPriors::of([]);
    }

    /** @return non-empty-list<LogNormal> in the order of RigPrior's constants */
    private function doubtful(LearnedPriors $learned): array
    {
        $tongueWeight = $this->tongueWeight();

        return [
            $learned->share(
                'front_rate',
                new LogNormal($this->vehicleClass()->rideRate(Axle::Front), $this->doubts->rideRate),
            ),
            $learned->share(
                'rear_rate',
                new LogNormal($this->vehicleClass()->rideRate(Axle::Rear), $this->doubts->rideRate),
            ),
            $tongueWeight,
            $learned->share(
                'trailer_rate',
                new LogNormal(
                    max($this->grossKg() - $tongueWeight->value, UsualRig::LEAST_ON_AXLES * $this->grossKg()) /
                        UsualRig::TRAILER_SINK_MM,
                    $this->doubts->trailerRate,
                ),
            ),
            new LogNormal(
                $this->trailer->number('cg_above_axle_mm') ?? $this->rig->trailer->body->cgAboveAxle(),
                $this->doubts->cgHeight,
            ),
            $this->barRate($learned),
        ];
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
                    $this->rig->hitch->barArm->millimetres(),
                ),
            $taped->deviation(),
        );
    }

    /**
     * The middle setting's tension where nobody taped it: the setting that the data sheet starts at, else the middle
     * one,
     * brings the share to the middle of the usual range; chains alone are taut from their loosest thread on.
     *
     * @param  non-empty-list<LogNormal>  $doubtful
     */
    private function usualTension(?Adjusters $adjusters, KnownRig $known, array $doubtful): Normal
    {
        if ($adjusters !== null && $this->hasChainsAlone()) {
            return Normal::of(
                $adjusters->tensionBetween(
                    $adjusters->loosest($adjusters->middle()),
                    $adjusters->middle(),
                    $known->barArm,
                ),
                $this->doubts->chainTensionMm,
            );
        }
        // What was learned of a hitch's tension stands against the textbook's rates; without it, the rates as learned
        // tell more.
        $doubtful = $this->learned()->has('tension') ? $this->doubtful(LearnedPriors::of([])) : $doubtful;
        $inRange = (new RigPrior($known, $doubtful, Normal::of(0.0, 0.0)))
            ->likelyRig()
            ->tensionFor(UsualRig::SHARE_AT_START);
        $start =
            $adjusters === null
                ? null
                : (new SheetStart($this->hitch, $this->tongueWeight()->value))->setting($adjusters);
        $toMiddle = $start === null ? 0.0 : $adjusters->tensionBetween($start, $adjusters->middle(), $known->barArm);

        return Normal::of($inRange + $toMiddle, $this->doubts->tensionNotTapedMm);
    }

    /** Unloaded ball over level coupler, mm; null while a height is missing. */
    public function ballOverCoupler(): ?float
    {
        $taped = $this->conditions->bars?->heights->ballOverCoupler();
        $ball = $this->hitch->number('ball_height_mm');
        $coupler = $this->trailer->number('coupler_height_mm');

        return $taped ?? ($ball === null || $coupler === null ? null : $ball - $coupler);
    }

    public function tongueWeight(): LogNormal
    {
        $weighed = $this->trailer->number('tongue_weight_kg');
        if ($weighed === null) {
            $gross = $this->isAssumed(RigDimension::GrossWeight)
                ? $this->rig->trailer->body->grossWeight()[1] / $this->grossKg()
                : 0.0;

            return new LogNormal(
                TongueWeightSource::USUAL_SHARE * $this->grossKg(),
                hypot(TongueWeightSource::Estimate->doubt(), $gross),
            );
        }
        $by =
            TongueWeightSource::tryFrom((string) $this->trailer->text('tongue_weight_by')) ??
            TongueWeightSource::Estimate;

        return new LogNormal($weighed, $by->doubt());
    }

    /** Whether chains are stretched in place of bars: soft, and taut from their loosest thread on. */
    private function hasChainsAlone(): bool
    {
        return $this->hitch->text('family') !== null &&
            Families::find($this->hitch->text('family'))?->facts()->takeUp === TakeUp::StretchedChains;
    }

    /** Of one bar, or of both together as makers give it: tongue weight that the pair is made for. */
    private function barRate(LearnedPriors $learned): LogNormal
    {
        $fromSheet = $this->hitch->number('bar_rate_kg_per_mm');
        $rating = $this->hitch->number('bar_rating_high_kg');

        return match (true) {
            $fromSheet !== null => new LogNormal($fromSheet, $this->doubts->barRateFromSheet),
            $this->hasChainsAlone() => new LogNormal(
                $this->tongueWeight()->value / UsualRig::CHAIN_STRETCH_MM,
                $this->doubts->chainRate,
            ),
            $rating !== null => $learned->share(
                'bar_rate',
                new LogNormal($rating / UsualRig::BAR_BEND_MM, $this->doubts->barRate),
            ),
            default => new LogNormal(
                $this->tongueWeight()->value / UsualRig::BAR_BEND_MM,
                $this->doubts->barRateUnrated,
            ),
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
            $this->trailer->number('coupler_height_mm') === null ? self::COUPLER_LEVEL_MM : $this->doubts->couplerMm,
            $this->doubts->ballLoad,
        );
    }

    private function isAssumed(RigDimension $dimension): bool
    {
        return in_array($dimension, $this->assumed, true);
    }

    private function axleGroup(): AxleGroup
    {
        return $this->rig->trailer->axles > 1 && $this->trailer->text('axle_group') === 'own springs'
            ? AxleGroup::unequalised(
                $this->rig->trailer->axles,
                $this->trailer->number('axle_spacing_mm') ?? UsualRig::AXLE_SPACING_MM,
            )
            : AxleGroup::equalised();
    }

    private function vehicleClass(): VehicleClass
    {
        return VehicleClass::tryFrom((string) $this->vehicle->text('vehicle_class')) ??
            VehicleClass::usualFor($this->rig->vehicle->body);
    }

    private function grossKg(): float
    {
        return $this->rig->trailer->grossWeight->kilograms();
    }
}
