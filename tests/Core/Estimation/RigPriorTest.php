<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Measuring\Estimation\Prior\KnownRig;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Prior\SharedDoubts;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Proving\Simulation\SeededSource;

it('predicts what thousands of rigs that it allows do', function (): void {
    $prior = Priors::rig(0.1, 20.0, 6.0);
    $share = fn (CoupledRig $rig, float $tension): float => $rig->carried($tension)->frontRestored();
    $random = new SeededSource(8);
    $drawn = [];
    for ($i = 0; $i < 4000; $i++) {
        $drawn[] = $share(...Priors::draw($prior, $random, 0.1, 6.0));
    }
    $mean = array_sum($drawn) / 4000;
    $deviation = sqrt(array_sum(array_map(fn (float $x): float => ($x - $mean) ** 2, $drawn)) / 4000);
    $predicted = $prior->predict($share);

    expect($predicted->mean())
        ->toEqualWithDelta($mean, 0.02)
        ->and($predicted->deviation())
        ->toEqualWithDelta($deviation, 0.1 * $deviation);
});

it('has no doubt where nothing is doubtful, and more where more is', function (): void {
    $share = fn (CoupledRig $rig, float $tension): float => $rig->carried($tension)->frontRestored();

    expect(Priors::rig(0.0, 20.0, 0.0)->predict($share)->deviation())
        ->toBe(0.0)
        ->and(Priors::rig(0.2)->predict($share)->deviation())
        ->toBeGreaterThan(Priors::rig(0.1)->predict($share)->deviation())
        ->and(Priors::rig()->likely(RigParameter::Tension->value))
        ->toBe(20.0);
});

it('stands an axle group on one equaliser or on springs of its own', function (): void {
    $offsets = fn (AxleGroup $group): array => array_column($group->axles(60.0), 'offset');

    expect($offsets(AxleGroup::equalised()))
        ->toBe([0.0])
        ->and($offsets(AxleGroup::unequalised(2, 800.0)))
        ->toBe([400.0, -400.0])
        ->and($offsets(AxleGroup::unequalised(3, 800.0)))
        ->toBe([800.0, 0.0, -800.0])
        ->and(array_sum(array_column(AxleGroup::unequalised(3, 800.0)->axles(60.0), 'rate')))
        ->toBe(60.0);
});

/** Every dimension in doubt, each by another share of itself. */
function allInDoubt(): RigPrior
{
    $deviations = [
        'ball_over_coupler' => 25.0,
        'wheelbase' => 200.0,
        'overhang' => 120.0,
        'ball_to_axle' => 500.0,
        'bar_arm' => 60.0,
        'gross_weight' => 400.0,
    ];

    return new RigPrior(
        new KnownRig(
            3720.0,
            1340.0,
            5150.0,
            AxleGroup::equalised(),
            3180.0,
            720.0,
            14.0,
            new SharedDoubts($deviations),
        ),
        array_map(fn (float $value): LogNormal => new LogNormal($value, 0.1), [12.4, 9.1, 402.0, 52.0, 520.0, 5.9]),
        Normal::of(20.0, 6.0),
    );
}

it('moves the one dimension that a parameter stands for, and no other', function (
    RigDimension $dimension,
    Closure $of,
    float $deviation,
): void {
    $prior = allInDoubt();
    $parameter = $prior->parameterOf($dimension);
    $at = array_fill(0, $prior->count(), 0.0);
    $at[$parameter] = 1.0;
    $dimensions = fn (CoupledRig $rig): array => [
        $rig->bars()->ballOverCoupler,
        $rig->vehicle()->wheelbase,
        $rig->vehicle()->overhang,
        $rig->trailer()->ballToAxle,
        $rig->bars()->arm,
        $rig->trailer()->weight,
    ];
    $moved = $prior->rigAt($at, 0.0);
    $changed = array_filter(
        array_map(
            fn (float $now, float $before): float => $now - $before,
            $dimensions($moved),
            $dimensions($prior->likelyRig()),
        ),
        fn (float $by): bool => abs($by) > 1e-9,
    );

    expect(array_values($changed))
        ->toHaveCount(1)
        ->and(array_values($changed)[0])
        ->toEqualWithDelta($deviation, 1e-9)
        ->and($of($moved) - $of($prior->likelyRig()))
        ->toEqualWithDelta($deviation, 1e-9)
        ->and($prior->nameOf($parameter))
        ->toBe($dimension->value)
        ->and($prior->worth($parameter, 0.0))
        ->toBe($deviation)
        ->and($prior->valueAt($parameter, 1.0) - $prior->likely($parameter))
        ->toEqualWithDelta($deviation, 1e-9)
        ->and($prior->withExact($dimension)->parameterOf($dimension))
        ->toBeNull()
        ->and($prior->withExact($dimension)->count())
        ->toBe($prior->count() - 1);
})->with([
    'ball over coupler' => [
        RigDimension::BallOverCoupler,
        fn (CoupledRig $rig): float => $rig->bars()->ballOverCoupler,
        25.0,
    ],
    'wheelbase' => [RigDimension::Wheelbase, fn (CoupledRig $rig): float => $rig->vehicle()->wheelbase, 200.0],
    'overhang' => [RigDimension::Overhang, fn (CoupledRig $rig): float => $rig->vehicle()->overhang, 120.0],
    'ball to axle' => [RigDimension::BallToAxle, fn (CoupledRig $rig): float => $rig->trailer()->ballToAxle, 500.0],
    'bar arm' => [RigDimension::BarArm, fn (CoupledRig $rig): float => $rig->bars()->arm, 60.0],
    'gross weight' => [RigDimension::GrossWeight, fn (CoupledRig $rig): float => $rig->trailer()->weight, 400.0],
]);

it('takes what is not told of a dimension for what is expected', function (): void {
    $prior = allInDoubt();

    expect($prior->rigAt(array_fill(0, 7, 0.0), 0.0))
        ->toEqual($prior->likelyRig())
        ->and($prior->parameterOf(RigDimension::BallOverCoupler))
        ->toBe(7)
        ->and($prior->rigAt(array_fill(0, $prior->count(), 0.0), 30.0)->bars()->ballOverCoupler)
        ->toBe(44.0);
});

it('keeps a rig possible, whatever is drawn of its weights and arms', function (): void {
    $prior = allInDoubt();
    $at = array_fill(0, $prior->count(), 0.0);
    $at[RigParameter::TongueWeight->value] = 40.0;
    $at[$prior->parameterOf(RigDimension::BarArm)] = 3.0;
    $rig = $prior->rigAt($at, 0.0);

    expect($rig->trailer()->tongueWeight)
        ->toBe(0.95 * 3180.0)
        ->and($rig->bars()->arm)
        ->toBeLessThanOrEqual(0.9 * 5150.0);
});

it('tips the bars by what a load on board does to the vehicle', function (): void {
    $load = LoadChange::between(
        [],
        [Item::of('stores', Load::ofKilograms(120.0), Carrier::Vehicle, Length::ofMillimetres(4200.0))],
    );
    $prior = Priors::rig();
    $at = array_fill(0, $prior->count(), 0.0);

    expect($prior->loaded($load)->tensionAt($at) - $prior->tensionAt($at))
        ->toEqualWithDelta($load->tension($prior->likelyRig()), 1e-9)
        ->and($prior->loaded($load)->loaded($load)->tensionAt($at) - $prior->tensionAt($at))
        ->toEqualWithDelta(2 * $load->tension($prior->likelyRig()), 1e-9)
        ->and($prior->loaded($load)->likelyRig())
        ->toEqual($load->on($prior->likelyRig()));
});
