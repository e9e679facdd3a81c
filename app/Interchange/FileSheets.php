<?php

declare(strict_types=1);

namespace App\Interchange;

use App\Words\ExpectedWords;
use App\Words\Text;
use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Record\BarStiffness;
use Yoke\Job\Record\ReferenceTension;
use Yoke\Job\Record\RigSheets;
use Yoke\Job\Record\RigSize;
use Yoke\Job\Record\UsualRig;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Measuring\Estimation\Prior\KnownRig;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\SharedDoubts;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\TongueWeightSource;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Specification\RatingOf;

/** The sheets of a job for advice, filled in from its file: what is left out is assumed with its doubt. */
final readonly class FileSheets
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
        $this->vehicle = $fields->objectIfAny('vehicle');
        $this->trailer = $fields->objectIfAny('trailer');
        $this->hitch = $fields->objectIfAny('hitch');
    }

    public function sheets(): RigSheets
    {
        return new RigSheets(
            $this->known(),
            $this->rideRate('front_rate_kg_per_mm', UsualRig::FRONT_RATE),
            $this->rideRate('rear_rate_kg_per_mm', UsualRig::REAR_RATE),
            $this->tongueWeight(),
            $this->trailer->has('cg_above_axle_mm')
                ? $this->trailer->above('cg_above_axle_mm')
                : UsualRig::CG_ABOVE_AXLE_MM,
            $this->bars(),
            $this->tension(),
        );
    }

    private function tension(): ReferenceTension
    {
        if (! $this->hitch->has('tension')) {
            return ReferenceTension::usual(
                0.0,
                $this->hitch->has('adjusters') ? $this->doubts->tensionNotTapedMm : $this->doubts->tensionUnknownMm,
            );
        }
        $tension = $this->hitch->object('tension');

        return ReferenceTension::told(
            Normal::of(
                $tension->number('mm'),
                $tension->flag('taped') ? $this->doubts->tensionTapedMm : $this->doubts->tensionNotTapedMm,
            ),
        );
    }

    private function known(): KnownRig
    {
        $axles = $this->trailer->has('axle_count') ? $this->trailer->count('axle_count') : UsualRig::AXLES;
        if ($axles < 1 || $axles > 3) {
            throw BadField::at('trailer.axle_count', 'Expected one, two or three trailer axles.');
        }
        if ($this->hitch->has('bars') && $this->hitch->count('bars') !== KnownRig::BARS) {
            throw BadField::at('hitch.bars', 'Expected two spring bars.');
        }
        $spacing = $this->trailer->has('axle_spacing_mm')
            ? $this->trailer->size('axle_spacing_mm', RigSize::AxleSpacing)
            : UsualRig::AXLE_SPACING_MM;
        $isEqualised = ! $this->trailer->has('equalised') || $this->trailer->flag('equalised');
        $isBallKnown = $this->hitch->has('ball_over_coupler_mm');
        $dimensions = $this->dimensions();
        $deviations = array_map(static fn (Normal $dimension): float => $dimension->deviation(), $dimensions);
        $deviations[RigDimension::BallOverCoupler->value] = $isBallKnown
            ? $this->doubts->ballOverCouplerTapedMm
            : $this->doubts->ballOverCouplerAssumedMm;

        return new KnownRig(
            $dimensions[RigDimension::Wheelbase->value]->mean(),
            $dimensions[RigDimension::Overhang->value]->mean(),
            $dimensions[RigDimension::BallToAxle->value]->mean(),
            $axles === 1 || $isEqualised ? AxleGroup::equalised() : AxleGroup::unequalised($axles, $spacing),
            $dimensions[RigDimension::GrossWeight->value]->mean(),
            $dimensions[RigDimension::BarArm->value]->mean(),
            $isBallKnown ? $this->hitch->number('ball_over_coupler_mm') : 0.0,
            new SharedDoubts($deviations, gaugeFactor: $this->doubts->ballLoad),
        );
    }

    /** @return array<string, Normal> by dimension: what it is, or is usually, and its doubt */
    private function dimensions(): array
    {
        $dimensions = [];
        foreach (
            [
                [
                    RigDimension::Wheelbase,
                    $this->vehicle,
                    'wheelbase_mm',
                    RigSize::Wheelbase,
                    Normal::of(...UsualRig::WHEELBASE_MM),
                ],
                [
                    RigDimension::Overhang,
                    $this->vehicle,
                    'overhang_mm',
                    RigSize::Overhang,
                    Normal::of(...UsualRig::OVERHANG_MM),
                ],
                [
                    RigDimension::BallToAxle,
                    $this->trailer,
                    'ball_to_axle_mm',
                    RigSize::BallToAxle,
                    TrailerBody::Box->ballToAxle(),
                ],
                [
                    RigDimension::GrossWeight,
                    $this->trailer,
                    'weight_kg',
                    RigSize::GrossWeight,
                    TrailerBody::Box->grossWeight(),
                ],
                [
                    RigDimension::BarArm,
                    $this->hitch,
                    'bar_arm_mm',
                    RigSize::BarArm,
                    Normal::of(...Hitch::USUAL_BAR_ARM_MM),
                ],
            ] as [$dimension, $fields, $name, $size, $usual]
        ) {
            $dimensions[$dimension->value] = $fields->has($name)
                ? Normal::of($fields->size($name, $size), 0.0)
                : $usual;
        }
        $this->checkTogether($dimensions);

        return $dimensions;
    }

    /** @param  array<string, Normal>  $dimensions */
    private function checkTogether(array $dimensions): void
    {
        $length = static fn (RigDimension $dimension): float => $dimensions[$dimension->value]->mean();
        foreach (
            [
                [$this->vehicle, 'overhang_mm', RigSize::Overhang, RigDimension::Overhang, RigDimension::Wheelbase],
                [$this->hitch, 'bar_arm_mm', RigSize::BarArm, RigDimension::BarArm, RigDimension::BallToAxle],
            ] as [$fields, $name, $size, $dimension, $beside]
        ) {
            $expected = $fields->has($name) ? $size->impossibleBeside($length($dimension), $length($beside)) : null;
            if ($expected !== null) {
                throw BadField::at($fields->pathOf($name), ExpectedWords::of($expected));
            }
        }
    }

    private function gross(): float
    {
        return $this->dimensions()[RigDimension::GrossWeight->value]->mean();
    }

    private function tongueWeight(): LogNormal
    {
        if (! $this->trailer->has('tongue_weight')) {
            return new LogNormal(
                TongueWeightSource::USUAL_SHARE * $this->gross(),
                hypot(
                    TongueWeightSource::Estimate->doubt(),
                    $this->trailer->has('weight_kg')
                        ? 0.0
                        : TrailerBody::Box->grossWeight()->deviation() / $this->gross(),
                ),
            );
        }
        $tongue = $this->trailer->object('tongue_weight');
        $kilograms = $tongue->size('kg', RigSize::Load);
        if ($kilograms >= $this->gross()) {
            throw BadField::at('trailer.tongue_weight.kg', Text::of('expected.sheet.tongue_weight'));
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

    /** What one bar may carry. */
    public static function barRating(Fields $hitch): Load
    {
        $of = $hitch->has('bar_rating_of')
            ? $hitch->choice('bar_rating_of', array_column(RatingOf::cases(), 'value'))
            : null;

        return RatingOf::said($of)->ofOneBar(Load::ofKilograms($hitch->size('bar_rating_kg', RigSize::Load)));
    }

    private function bars(): BarStiffness
    {
        return match (true) {
            $this->hitch->has('bar_rate_kg_per_mm') => BarStiffness::ofRate($this->hitch->above('bar_rate_kg_per_mm')),
            $this->hitch->has('bar_rating_kg') => BarStiffness::ofRating(self::barRating($this->hitch)->kilograms()),
            default => BarStiffness::unknown(),
        };
    }
}
