<?php

declare(strict_types=1);

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Measuring\Estimation\Prior\KnownRig;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Prior\SharedDoubts;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Mechanics\Statics\CoupledRig;

function knownRig(SharedDoubts $doubts): KnownRig
{
    return new KnownRig(3720.0, 1340.0, 5150.0, AxleGroup::equalised(), 3180.0, 720.0, 14.0, $doubts);
}

/** @param  array<string, float>  $deviations  by the value of RigDimension */
function assuming(array $deviations, float $gauge = 0.03): RigPrior
{
    return new RigPrior(
        knownRig(new SharedDoubts($deviations, 2.0, $gauge)),
        array_map(fn (float $value): LogNormal => new LogNormal($value, 0.1), [12.4, 9.1, 402.0, 52.0, 520.0, 5.9]),
        Normal::of(20.0, 6.0),
    );
}

it('knows which dimensions are in doubt, and by how much', function (): void {
    $doubts = new SharedDoubts(['wheelbase' => 120.0, 'ball_over_coupler' => 25.0, 'bar_arm' => 0.0], 5.0, 0.04);

    expect(array_column($doubts->inDoubt, 0))
        ->toBe([RigDimension::BallOverCoupler, RigDimension::Wheelbase])
        ->and($doubts->of(RigDimension::Wheelbase))
        ->toBe(120.0)
        ->and($doubts->of(RigDimension::BarArm))
        ->toBe(0.0)
        ->and($doubts->of(RigDimension::Overhang))
        ->toBe(0.0)
        ->and([$doubts->couplerLevel(), $doubts->gaugeFactor()])
        ->toBe([5.0, 0.04])
        ->and($doubts->without(RigDimension::Wheelbase)->of(RigDimension::Wheelbase))
        ->toBe(0.0)
        ->and($doubts->without(RigDimension::Wheelbase)->of(RigDimension::BallOverCoupler))
        ->toBe(25.0)
        ->and([
            $doubts->without(RigDimension::Wheelbase)->couplerLevel(),
            $doubts->without(RigDimension::Wheelbase)->gaugeFactor(),
        ])
        ->toBe([5.0, 0.04])
        ->and(SharedDoubts::exact()->inDoubt)
        ->toBe([]);
});

it('looks for a dimension around what is expected, never far off and never at nothing', function (
    RigDimension $dimension,
    float $expected,
): void {
    $known = knownRig(new SharedDoubts([$dimension->value => 0.1 * $expected]));
    $wide = knownRig(new SharedDoubts([$dimension->value => $expected]));

    expect($known->expected($dimension))
        ->toBe($expected)
        ->and($known->at($dimension, 0.0))
        ->toBe($expected)
        ->and($known->at($dimension, 1.0))
        ->toEqualWithDelta(1.1 * $expected, 1e-9)
        ->and($known->at($dimension, -2.0))
        ->toEqualWithDelta(0.8 * $expected, 1e-9)
        ->and($known->at($dimension, 9.0))
        ->toEqualWithDelta(1.3 * $expected, 1e-9)
        ->and($wide->at($dimension, -3.0))
        ->toEqualWithDelta($dimension === RigDimension::BallOverCoupler ? -2.0 * $expected : 0.25 * $expected, 1e-9)
        ->and($known->withExact($dimension)->at($dimension, 2.0))
        ->toBe($expected);
})->with([
    [RigDimension::BallOverCoupler, 14.0],
    [RigDimension::Wheelbase, 3720.0],
    [RigDimension::Overhang, 1340.0],
    [RigDimension::BallToAxle, 5150.0],
    [RigDimension::BarArm, 720.0],
    [RigDimension::GrossWeight, 3180.0],
]);

it('adds the doubt of what is only assumed to every share', function (RigDimension $dimension, float $doubt): void {
    $share = fn (CoupledRig $rig, float $tension): float => $rig->carried($tension)->frontRestored();
    $exact = (new Estimation(assuming([]), []))->posterior()->predict($share);
    $assumed = (new Estimation(assuming([$dimension->value => $doubt]), []))->posterior()->predict($share);

    expect($assumed->deviation())
        ->toBeGreaterThan($exact->deviation())
        ->and($assumed->mean())
        ->toEqualWithDelta($exact->mean(), 1e-9);
})->with([
    [RigDimension::BallOverCoupler, 25.0],
    [RigDimension::Wheelbase, 200.0],
    [RigDimension::Overhang, 120.0],
    [RigDimension::BallToAxle, 500.0],
    [RigDimension::BarArm, 60.0],
]);

it('learns a dimension that was assumed from readings that hang on it', function (): void {
    $truth = new KnownRig(3720.0, 1340.0, 5150.0, AxleGroup::equalised(), 3180.0, 720.0, 40.0);
    $rig = (new RigPrior(
        $truth,
        array_map(fn (float $value): LogNormal => new LogNormal($value, 0.1), [12.4, 9.1, 402.0, 52.0, 520.0, 5.9]),
        Normal::of(20.0, 6.0),
    ))->likelyRig();
    $dropped = $rig->dropped();
    $observations = [
        new Observation(ReadingContext::dropped(), Observed::NoseRise, $dropped->trailerPitch * 5150.0, 0.5),
        new Observation(ReadingContext::alone(), Observed::FrontHeight, 950.0, 0.3),
        new Observation(ReadingContext::alone(), Observed::RearHeight, 985.0, 0.3),
        new Observation(ReadingContext::dropped(), Observed::FrontHeight, 950.0 + $dropped->frontRise()->millimetres(), 0.3),
        new Observation(ReadingContext::dropped(), Observed::RearHeight, 985.0 + $dropped->rearRise()->millimetres(), 0.3),
    ];
    $ball = fn (float $doubt): float => (new Estimation(assuming(['ball_over_coupler' => $doubt]), $observations))
        ->posterior()
        ->rig()
        ->bars()->ballOverCoupler;

    expect($ball(25.0))->toBeGreaterThan(32.0)->toBeLessThan(44.0)->and($ball(0.0))->toBe(14.0);
});

it('takes a gauge that is off in all its readings alike for one doubt, however often it is read', function (): void {
    $rig = assuming([])->likelyRig();
    $readings = fn (int $times): array => array_fill(
        0,
        $times,
        new Observation(ReadingContext::dropped(), Observed::BallLoad, 1.05 * $rig->dropped()->load, 2.0),
    );
    $tongue = fn (int $times): Normal => (new Estimation(assuming([], 0.05), $readings($times)))
        ->posterior()
        ->value(RigParameter::TongueWeight->value);

    expect($tongue(10)->deviation())
        ->toBeGreaterThan(0.85 * $tongue(1)->deviation())
        ->and($tongue(1)->deviation())
        ->toBeGreaterThan(0.03 * 402.0)
        ->toBeLessThan(0.1 * 402.0)
        ->and($tongue(10)->mean())
        ->toBeGreaterThan(404.0)
        ->toBeLessThan(1.05 * 402.0);
});
