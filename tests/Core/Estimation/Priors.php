<?php

declare(strict_types=1);

namespace Tests\Core\Estimation;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Measuring\Estimation\Prior\KnownRig;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;
use Yoke\Proving\Simulation\RandomSource;

/** A planetarium's rig before it is taped, for tests. */
final class Priors
{
    /** @param  float  $share doubt of every rate and weight, as a share */
    public static function rig(
        float $share = 0.1,
        float $tension = 20.0,
        float $tensionDoubt = 6.0,
        ?AxleGroup $axles = null,
        float $ball = 14.0,
    ): RigPrior {
        return new RigPrior(
            new KnownRig(3720.0, 1340.0, 5150.0, $axles ?? AxleGroup::equalised(), 3180.0, 720.0, $ball),
            array_map(fn (float $value): LogNormal => new LogNormal($value, $share), [
                12.4,
                9.1,
                402.0,
                52.0,
                520.0,
                5.9,
            ]),
            Normal::of($tension, $tensionDoubt),
        );
    }

    /** One rig that the prior allows, with the tension of its reference setting. @return array{CoupledRig, float} */
    public static function draw(RigPrior $prior, RandomSource $random, float $share, float $tensionDoubt): array
    {
        $value = fn (int $parameter): float => $prior->likely($parameter) * exp($random->normal($share));
        $known = $prior->known();

        return [
            new CoupledRig(
                new TowVehicle(
                    $known->wheelbase,
                    $known->overhang,
                    $value(RigParameter::FrontRate->value),
                    $value(RigParameter::RearRate->value),
                ),
                new TowedTrailer(
                    $known->ballToAxle,
                    $known->grossWeight,
                    $value(RigParameter::TongueWeight->value),
                    520.0,
                    $known->axleGroup->axles($value(RigParameter::TrailerRate->value)),
                ),
                new Bars(2, $value(RigParameter::BarRate->value), $known->barArm, $known->ballOverCoupler),
            ),
            $prior->likely(RigParameter::Tension->value) + $random->normal($tensionDoubt),
        ];
    }
}
