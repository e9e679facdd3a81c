<?php

declare(strict_types=1);

namespace App\Interchange;

use Yoke\Estimation\AxleGroup;
use Yoke\Estimation\KnownRig;
use Yoke\Estimation\PriorDoubts;
use Yoke\Estimation\RigDimension;
use Yoke\Estimation\RigPrior;
use Yoke\Estimation\SharedDoubts;
use Yoke\Planning\UsualRig;
use Yoke\Probability\LogNormal;
use Yoke\Probability\Normal;
use Yoke\Rig\TongueWeightSource;

/** The rig of a job for advice as it is known before anything is read. */
final readonly class JobPrior
{
    private const SOURCES = [
        TongueWeightSource::Gauge,
        TongueWeightSource::TongueScale,
        TongueWeightSource::Tickets,
        TongueWeightSource::Estimate,
    ];

    private Fields $vehicle;

    private Fields $trailer;

    private Fields $hitch;

    public function __construct(Fields $fields, private PriorDoubts $doubts)
    {
        $this->vehicle = $fields->object('vehicle');
        $this->trailer = $fields->object('trailer');
        $this->hitch = $fields->object('hitch');
    }

    public function prior(): RigPrior
    {
        $prior = new RigPrior(
            $this->known(),
            [
                $this->rideRate('front_rate_kg_per_mm', UsualRig::FRONT_RATE),
                $this->rideRate('rear_rate_kg_per_mm', UsualRig::REAR_RATE),
                $this->tongueWeight(),
                new LogNormal(
                    max($this->gross() - $this->tongueWeight()->value, UsualRig::LEAST_ON_AXLES * $this->gross()) /
                        UsualRig::TRAILER_SINK_MM,
                    $this->doubts->trailerRate,
                ),
                new LogNormal(
                    $this->trailer->has('cg_above_axle_mm')
                        ? $this->trailer->above('cg_above_axle_mm')
                        : UsualRig::CG_ABOVE_AXLE_MM,
                    $this->doubts->cgHeight,
                ),
                $this->barRate(),
            ],
            Normal::of(0.0, 0.0),
        );

        return $prior->withTension($this->tension($prior));
    }

    /** The same, for a hook-up whose setting nobody knows. */
    public function ofUnknownSetting(): RigPrior
    {
        $prior = $this->prior();

        return $prior->withTension(Normal::of($prior->likely(RigPrior::TENSION), $this->doubts->tensionUnknownMm));
    }

    private function tension(RigPrior $prior): Normal
    {
        if (! $this->hitch->has('tension')) {
            return Normal::of(
                $prior->likelyRig()->tensionFor(UsualRig::SHARE_AT_START),
                $this->hitch->has('adjusters') ? $this->doubts->tensionNotTapedMm : $this->doubts->tensionUnknownMm,
            );
        }
        $tension = $this->hitch->object('tension');

        return Normal::of(
            $tension->number('mm'),
            $tension->flag('taped') ? $this->doubts->tensionTapedMm : $this->doubts->tensionNotTapedMm,
        );
    }

    private function known(): KnownRig
    {
        $axles = $this->trailer->count('axle_count');
        if ($axles < 1 || $axles > 3) {
            throw BadField::at('trailer.axle_count', 'Expected one, two or three trailer axles.');
        }
        if ($this->hitch->count('bars') !== KnownRig::BARS) {
            throw BadField::at('hitch.bars', 'Expected two spring bars.');
        }
        $spacing = $this->trailer->has('axle_spacing_mm')
            ? $this->trailer->above('axle_spacing_mm')
            : UsualRig::AXLE_SPACING_MM;
        $isBallKnown = $this->hitch->has('ball_over_coupler_mm');

        return new KnownRig(
            $this->vehicle->above('wheelbase_mm'),
            $this->vehicle->above('overhang_mm'),
            $this->trailer->above('ball_to_axle_mm'),
            $axles === 1 || $this->trailer->flag('equalised')
                ? AxleGroup::equalised()
                : AxleGroup::unequalised($axles, $spacing),
            $this->gross(),
            $this->hitch->above('bar_arm_mm'),
            $isBallKnown ? $this->hitch->number('ball_over_coupler_mm') : 0.0,
            new SharedDoubts(
                [
                    RigDimension::BallOverCoupler->value => $isBallKnown
                        ? $this->doubts->ballOverCouplerTapedMm
                        : $this->doubts->ballOverCouplerAssumedMm,
                ],
                gaugeFactor: $this->doubts->ballLoad,
            ),
        );
    }

    private function gross(): float
    {
        return $this->trailer->above('weight_kg');
    }

    private function tongueWeight(): LogNormal
    {
        if (! $this->trailer->has('tongue_weight')) {
            return new LogNormal(
                TongueWeightSource::USUAL_SHARE * $this->gross(),
                TongueWeightSource::Estimate->doubt(),
            );
        }
        $tongue = $this->trailer->object('tongue_weight');
        $kilograms = $tongue->number('kg');
        if (! ($kilograms > 0.0 && $kilograms < $this->gross())) {
            throw BadField::at(
                'trailer.tongue_weight.kg',
                'Expected a tongue weight above 0 and below the gross trailer weight.',
            );
        }

        return new LogNormal(
            $kilograms,
            TongueWeightSource::from($tongue->choice('by', array_column(self::SOURCES, 'value')))->doubt(),
        );
    }

    /** @param  array{float, float}  $usual */
    private function rideRate(string $field, array $usual): LogNormal
    {
        return $this->vehicle->has($field)
            ? new LogNormal($this->vehicle->above($field), $this->doubts->rideRate)
            : new LogNormal(...$usual);
    }

    private function barRate(): LogNormal
    {
        return match (true) {
            $this->hitch->has('bar_rate_kg_per_mm') => new LogNormal(
                $this->hitch->above('bar_rate_kg_per_mm'),
                $this->doubts->barRateFromSheet,
            ),
            $this->hitch->has('bar_rating_kg') => new LogNormal(
                $this->hitch->above('bar_rating_kg') / UsualRig::BAR_BEND_MM,
                $this->doubts->barRate,
            ),
            default => new LogNormal(
                $this->tongueWeight()->value / UsualRig::BAR_BEND_MM,
                $this->doubts->barRateUnrated,
            ),
        };
    }
}
