<?php

declare(strict_types=1);

use Tests\Core\Estimation\PlainFit;
use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Prior\RigVariant;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Rig\Parts\Axle;

const PLAIN_SHARE = 0.15;

function plainPrior(): RigPrior
{
    return Priors::rig(PLAIN_SHARE, 35.0, 12.0);
}

/** @return list<Observation> of a rig that the prior allows, its bars taut, misread as usual */
function misread(int $seed, string $set): array
{
    $random = new SeededSource($seed);
    [$truth, $tension] = Priors::draw(plainPrior(), $random, 0.5 * PLAIN_SHARE, 6.0);
    $readings = new Readings($truth, $tension, $random, 1.2);
    $taped = $readings->threeStances();
    [$alone, $dropped, $on, $tighter] = [
        ReadingContext::alone(),
        ReadingContext::dropped(),
        ReadingContext::carried(0.0),
        ReadingContext::carried(14.0, 20.0),
    ];
    $loads = fn (ReadingContext ...$contexts): array => array_merge(
        ...array_map(
            fn (ReadingContext $context): array => [
                $readings->one($context, Observed::FrontLoad, 6.0),
                $readings->one($context, Observed::RearLoad, 6.0),
            ],
            $contexts,
        ),
    );

    return match ($set) {
        'three stances' => $taped,
        'two hook-ups, the head moved between' => [...$taped, ...$readings->heights($tighter)],
        'three tickets' => $loads($alone, $dropped, $on),
        'tape and tickets' => [
            ...$taped,
            ...$loads($alone, $dropped, $on),
            $readings->one($dropped, Observed::TrailerLoad, 8.0),
            $readings->one($on, Observed::TrailerLoad, 8.0),
        ],
        'shared platforms' => [
            ...$taped,
            ...array_map(
                fn (ReadingContext $context): Observation => $readings->one($context, Observed::VehicleLoad, 8.0),
                [$alone, $dropped, $on],
            ),
            ...array_map(
                fn (ReadingContext $context): Observation => $readings->one($context, Observed::RearAndTrailerLoad, 8.0),
                [$dropped, $on],
            ),
        ],
        'shared platforms alone' => [
            ...array_map(
                fn (ReadingContext $context): Observation => $readings->one($context, Observed::VehicleLoad, 8.0),
                [$alone, $dropped, $on],
            ),
            ...array_map(
                fn (ReadingContext $context): Observation => $readings->one($context, Observed::FrontLoad, 8.0),
                [$alone, $dropped, $on],
            ),
        ],
        'tape, tongue scale, angle and bar gap' => [
            ...$taped,
            $readings->one($dropped, Observed::TongueWeight, 9.0),
            $readings->one($on, Observed::NoseRise, 12.0),
            $readings->one($dropped, Observed::BarBend, 5.0),
        ],
        default => throw new LogicException($set),
    };
}

dataset('readings', [
    'three stances',
    'two hook-ups, the head moved between',
    'three tickets',
    'tape and tickets',
    'shared platforms',
    'shared platforms alone',
    'tape, tongue scale, angle and bar gap',
]);

it('finds the rig that plain least squares find, and as sure', function (string $set): void {
    foreach ([11, 12, 13] as $seed) {
        $observations = misread($seed, $set);
        $plain = new PlainFit(plainPrior(), $observations);
        $posterior = (new Estimation(plainPrior(), $observations))->asRead();
        foreach (range(0, RigParameter::Tension->value) as $parameter) {
            $expected = plainPrior()->valueAt($parameter, $plain->at[$parameter]);
            $unit = plainPrior()->worth($parameter, $expected);

            expect($posterior->value($parameter)->mean())
                ->toEqualWithDelta($expected, 0.02 * $unit)
                ->and($posterior->value($parameter)->deviation())
                ->toEqualWithDelta($unit * sqrt($plain->covariance[$parameter][$parameter]), 0.02 * $unit);
        }
    }
})->with('readings');

it('predicts what hangs on several parameters at once as surely as plain least squares do', function (
    string $set,
): void {
    $quantities = [
        'restored' => fn (CoupledRig $rig, float $tension): float => $rig->taut($tension)->frontRestored(),
        'bar load, kg' => fn (CoupledRig $rig, float $tension): float => $rig->taut($tension)->barLoad()->kilograms(),
        'dropped front rise, mm' => fn (CoupledRig $rig): float => $rig->dropped()->frontRise()->millimetres(),
        'trailer pitch, mrad' => fn (CoupledRig $rig, float $tension): float => 1000.0 *
            $rig->taut($tension + 14.0)->trailerPitch,
    ];
    foreach ([21, 22] as $seed) {
        $observations = misread($seed, $set);
        $plain = new PlainFit(plainPrior(), $observations);
        $posterior = (new Estimation(plainPrior(), $observations))->asRead();
        foreach ($quantities as $name => $quantity) {
            $of = fn (array $at): float => $quantity(plainPrior()->rigAt($at, 0.0), plainPrior()->tensionAt($at));
            $predicted = $posterior->predict($quantity);

            expect($predicted->deviation())
                ->toEqualWithDelta($plain->deviation($of), 0.03 * $plain->deviation($of), "{$set}: {$name}")
                ->and($predicted->mean())
                ->toEqualWithDelta($of($plain->at), 0.03 * $plain->deviation($of), "{$set}: {$name}");
        }
    }
})->with('readings');

it('predicts heights with what is known of the fender alone, as plain least squares do', function (): void {
    foreach ([31, 32, 33] as $seed) {
        $observations = misread($seed, 'three stances');
        $plain = new PlainFit(plainPrior(), $observations);
        $posterior = (new Estimation(plainPrior(), $observations))->asRead();
        $front = fn (array $at): float => $plain->level($at, Observed::FrontHeight) +
            plainPrior()
                ->rigAt($at, 0.0)
                ->taut(plainPrior()->tensionAt($at) + 14.0)
                ->frontRise()->millimetres();
        $predicted = $posterior->height(
            Axle::Front,
            fn (CoupledRig $rig, float $tension): float => $rig->taut($tension + 14.0)->frontRise()->millimetres(),
        );
        $rear = fn (array $at): float => $plain->level($at, Observed::RearHeight);

        expect($predicted->mean())
            ->toEqualWithDelta($front($plain->at), 0.05)
            ->and($predicted->deviation())
            ->toEqualWithDelta($plain->deviation($front), 0.03 * $plain->deviation($front))
            ->and($posterior->heightAlone(Axle::Rear)->mean())
            ->toEqualWithDelta($rear($plain->at), 0.05)
            ->and($posterior->heightAlone(Axle::Rear)->deviation())
            ->toEqualWithDelta($plain->deviation($rear), 0.03 * $plain->deviation($rear));
    }
});

it('knows by how much the doubt of the rest shrinks once one parameter is measured', function (
    int $parameter,
    float $left,
): void {
    $observations = misread(41, 'three stances');
    $posterior = (new Estimation(plainPrior(), $observations))->asRead();
    $plain = new PlainFit(plainPrior(), $observations);
    $known = $posterior->knowing($parameter, $left);
    $own = $plain->covariance[$parameter][$parameter];
    foreach (range(0, RigParameter::Tension->value) as $other) {
        $variance =
            $plain->covariance[$other][$other] -
            ((1.0 - $left ** 2) * $plain->covariance[$other][$parameter] ** 2) / $own;
        $unit = plainPrior()->worth($other, $posterior->value($other)->mean());

        expect($known->value($other)->deviation())
            ->toEqualWithDelta($unit * sqrt($variance), 0.02 * $unit)
            ->and($known->value($other)->mean())
            ->toBe($posterior->value($other)->mean());
    }
})->with([[RigParameter::TongueWeight->value, 0.2], [RigParameter::BarRate->value, 0.5], [RigParameter::Tension->value, 0.0]]);

it('tells how two quantities hang together', function (): void {
    $posterior = (new Estimation(plainPrior(), misread(51, 'tape and tickets')))->asRead();
    $restored = fn (float $more): array => array_map(
        fn (RigVariant $variant): float => $variant->rig->taut($variant->tension + $more)->frontRestored(),
        $posterior->variants(),
    );
    $own = $posterior->covarianceOf($restored(0.0), $restored(0.0));
    $together = $posterior->covarianceOf($restored(0.0), $restored(30.0));
    $others = $posterior->covarianceOf($restored(30.0), $restored(30.0));
    $sum = array_map(fn (float $one, float $other): float => $one + $other, $restored(0.0), $restored(30.0));

    expect(sqrt($own))
        ->toEqualWithDelta($posterior->deviationOf($restored(0.0)), 1e-12)
        ->and(sqrt($others))
        ->toEqualWithDelta($posterior->deviationOf($restored(30.0)), 1e-12)
        ->and(sqrt($own + 2 * $together + $others))
        ->toEqualWithDelta($posterior->deviationOf($sum), 1e-9)
        ->and($together)
        ->toBeGreaterThan(0.4 * sqrt($own * $others));
});
