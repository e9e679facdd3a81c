<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Estimation\AxleGroup;
use Yoke\Estimation\RigPrior;
use Yoke\Simulation\SeededSource;
use Yoke\Statics\CoupledRig;

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

    expect($predicted->mean())->toEqualWithDelta($mean, 0.02)
        ->and($predicted->deviation())->toEqualWithDelta($deviation, 0.1 * $deviation);
});

it('has no doubt where nothing is doubtful, and more where more is', function (): void {
    $share = fn (CoupledRig $rig, float $tension): float => $rig->carried($tension)->frontRestored();

    expect(Priors::rig(0.0, 20.0, 0.0)->predict($share)->deviation())->toBe(0.0)
        ->and(Priors::rig(0.2)->predict($share)->deviation())->toBeGreaterThan(Priors::rig(0.1)->predict($share)->deviation())
        ->and(Priors::rig()->likely(RigPrior::TENSION))->toBe(20.0);
});

it('stands an axle group on one equaliser or on springs of its own', function (): void {
    $offsets = fn (AxleGroup $group): array => array_column($group->axles(60.0), 'offset');

    expect($offsets(AxleGroup::equalised()))->toBe([0.0])
        ->and($offsets(AxleGroup::unequalised(2, 800.0)))->toBe([400.0, -400.0])
        ->and($offsets(AxleGroup::unequalised(3, 800.0)))->toBe([800.0, 0.0, -800.0])
        ->and(array_sum(array_column(AxleGroup::unequalised(3, 800.0)->axles(60.0), 'rate')))->toBe(60.0);
});
