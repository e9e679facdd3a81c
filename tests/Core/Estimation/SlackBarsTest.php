<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Rig\Parts\Stance;

const DRAWN_RIGS = 6_000;

/**
 * What readings of slack bars tell, the long way: many rigs that the prior allows, each weighed by how well it explains
 * the readings; what stands alone is taken out of them exactly.
 *
 * @param  list<Observation>  $observations  fenders only
 * @return array{tension: array{float, float}, tongue: array{float, float}} mean and deviation
 */
function byManyRigs(RigPrior $prior, array $observations): array
{
    $random = new SeededSource(5);
    $sums = ['weight' => 0.0, 'tension' => [0.0, 0.0], 'tongue' => [0.0, 0.0]];
    for ($i = 0; $i < DRAWN_RIGS; $i++) {
        $at = array_map(fn (): float => $random->normal(1.0), range(0, 6));
        $rig = $prior->rigAt($at, 0.0);
        $tension = $prior->tensionAt($at);
        $off = 0.0;
        foreach (['FrontHeight', 'RearHeight'] as $fender) {
            $off += misfit(
                $rig,
                $tension,
                array_values(
                    array_filter($observations, fn (Observation $one): bool => $one->observed->name === $fender),
                ),
            );
        }
        $weight = exp(-0.5 * $off);
        $sums['weight'] += $weight;
        foreach (['tension' => $tension, 'tongue' => $rig->trailer()->tongueWeight] as $what => $value) {
            $sums[$what] = [$sums[$what][0] + $weight * $value, $sums[$what][1] + $weight * $value ** 2];
        }
    }
    $of = fn (string $what): array => [
        ($mean = $sums[$what][0] / $sums['weight']),
        sqrt($sums[$what][1] / $sums['weight'] - $mean ** 2),
    ];

    return ['tension' => $of('tension'), 'tongue' => $of('tongue')];
}

/**
 * Squares of what is left of a fender's readings, its height alone at its best.
 *
 * @param  list<Observation>  $fender
 */
function misfit(CoupledRig $rig, float $tension, array $fender): float
{
    $left = array_map(function (Observation $one) use ($rig, $tension): float {
        $attitude = match ($one->context->stance) {
            Stance::Alone => null,
            Stance::Dropped => $rig->dropped(),
            Stance::Carried => $rig->carried($tension + $one->context->tensionOffset),
        };

        return $one->value -
            ($one->observed->name === 'FrontHeight' ? $attitude?->frontRise()->millimetres() ?? 0.0 : $attitude?->rearRise()->millimetres() ?? 0.0);
    }, $fender);
    $mean = array_sum($left) / count($left);

    return array_sum(array_map(fn (float $one): float => (($one - $mean) / 1.0) ** 2, $left));
}

it('tells of slack bars what a great many rigs tell', function (float $tension): void {
    $prior = Priors::rig(0.08, 10.0, 25.0);
    $rig = $prior->likelyRig();
    $observations = (new Readings($rig, $tension))->threeStances();
    $many = byManyRigs($prior, $observations);
    $posterior = (new Estimation($prior, $observations))->asRead();
    $found = $posterior->value(RigParameter::Tension->value);

    expect($rig->carried($tension)->barMoment)
        ->toBe(0.0)
        ->and($found->mean())
        ->toEqualWithDelta($many['tension'][0], 0.25 * $many['tension'][1])
        ->and($found->deviation())
        ->toEqualWithDelta($many['tension'][1], 0.25 * $many['tension'][1])
        ->and($posterior->value(RigParameter::TongueWeight->value)->mean())
        ->toEqualWithDelta($many['tongue'][0], 0.25 * $many['tongue'][1])
        ->and($posterior->value(RigParameter::TongueWeight->value)->deviation())
        ->toEqualWithDelta($many['tongue'][1], 0.2 * $many['tongue'][1]);
})->with(['just slack' => -55.0, 'well slack' => -90.0]);

it('tells of bars that bend a little what a great many rigs tell', function (): void {
    $prior = Priors::rig(0.08, 10.0, 25.0);
    $tension =
        6.0 - 720.0 * ($prior->likelyRig()->dropped()->vehiclePitchAngle()->radians() - $prior->likelyRig()->dropped()->trailerPitch);
    $observations = (new Readings($prior->likelyRig(), $tension))->threeStances();
    $many = byManyRigs($prior, $observations);
    $found = (new Estimation($prior, $observations))->asRead()->value(RigParameter::Tension->value);

    expect($prior->likelyRig()->carried($tension)->barMoment)
        ->toBeGreaterThan(0.0)
        ->and($found->mean())
        ->toEqualWithDelta($many['tension'][0], 0.3 * $many['tension'][1])
        ->and($found->deviation())
        ->toEqualWithDelta($many['tension'][1], 0.3 * $many['tension'][1]);
});

it('finds bars taut that another start would have found slack', function (): void {
    $prior = Priors::rig(0.1, -80.0, 40.0);
    $rig = $prior->likelyRig();
    $observations = (new Readings($rig, $rig->tensionFor(0.7), null, 0.6))->threeStances();
    $posterior = (new Estimation($prior, $observations))->asRead();

    expect($prior->likelyRig()->carried(-80.0)->barMoment)
        ->toBe(0.0)
        ->and(
            $posterior
                ->predict(fn (CoupledRig $rig, float $tension): float => $rig->carried($tension)->frontRestored())
                ->mean(),
        )
        ->toEqualWithDelta(0.7, 0.08);
});
