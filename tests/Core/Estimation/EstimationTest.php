<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Foundation\Probability\Normal;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Measuring\Estimation\Reading\Residual;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Rig\Parts\Axle;

/** @param  list<Observation>  $observations */
function fitted(array $observations, ?RigPrior $prior = null): Posterior
{
    return (new Estimation($prior ?? Priors::rig(0.2, 20.0, 25.0), $observations))->posterior();
}

function restored(Posterior $posterior, float $tensionOffset = 0.0): Normal
{
    return $posterior->predict(
        fn (CoupledRig $rig, float $tension): float => $rig->taut($tension + $tensionOffset)->frontRestored(),
    );
}

/** A rig that the prior allows, its readings, and its true tension. @return array{CoupledRig, float, Readings} */
function truth(int $seed, float $doubt = 1.0): array
{
    $random = new SeededSource($seed);
    [$rig, $tension] = Priors::draw(Priors::rig(0.2, 35.0, 25.0), $random, 0.2, 8.0);

    return [$rig, $tension, new Readings($rig, $tension, $random, $doubt)];
}

it('is the prior while nothing is read', function (): void {
    $prior = Priors::rig(0.2, 20.0, 25.0);
    $posterior = fitted([], $prior);
    $before = $prior->predict(fn (CoupledRig $rig, float $tension): float => $rig->taut($tension)->frontRestored());

    expect($posterior->value(RigParameter::FrontRate->value)->mean())
        ->toEqualWithDelta(12.4, 1e-9)
        ->and($posterior->value(RigParameter::FrontRate->value)->deviation())
        ->toEqualWithDelta(2.48, 1e-9)
        ->and($posterior->value(RigParameter::Tension->value)->deviation())
        ->toEqualWithDelta(25.0, 1e-6)
        ->and(restored($posterior)->mean())
        ->toEqualWithDelta($before->mean(), 1e-9)
        ->and(restored($posterior)->deviation())
        ->toEqualWithDelta($before->deviation(), 0.15 * $before->deviation())
        ->and($posterior->readings)
        ->toBe([]);
});

it('finds the truth where the tape is all but perfect', function (): void {
    for ($seed = 1; $seed <= 25; $seed++) {
        [$rig, $tension, $readings] = truth($seed, 0.02);
        $posterior = fitted(
            [...$readings->threeStances(), ...$readings->heights(ReadingContext::carried(27.0))],
            Priors::rig(0.2, 35.0, 25.0),
        );

        expect(restored($posterior)->mean())
            ->toEqualWithDelta($rig->taut($tension)->frontRestored(), 0.02)
            ->and($posterior->heightAlone(Axle::Front)->mean())
            ->toEqualWithDelta(Readings::FRONT_MM, 0.1);
    }
});

it('is off by as much as it says', function (): void {
    $off = ['share' => [], 'front' => [], 'height' => []];
    $prior = Priors::rig(0.2, 35.0, 25.0);
    for ($seed = 100; $seed < 400; $seed++) {
        $random = new SeededSource($seed);
        [$rig, $tension] = Priors::draw($prior, $random, 0.2, 25.0);
        if ($rig->taut($tension)->frontRestored() > 0.25) {
            $posterior = fitted((new Readings($rig, $tension, $random))->threeStances(), $prior);
            $share = restored($posterior);
            $front = $posterior->value(RigParameter::FrontRate->value);
            $height = $posterior->heightAlone(Axle::Rear);
            $off['share'][] = ($rig->taut($tension)->frontRestored() - $share->mean()) / $share->deviation();
            $off['front'][] = log($rig->vehicle()->frontRate / $front->mean()) / ($front->deviation() / $front->mean());
            $off['height'][] = (Readings::REAR_MM - $height->mean()) / $height->deviation();
        }
    }
    foreach ($off as $z) {
        expect(count($z))
            ->toBeGreaterThan(150)
            ->and(sqrt(array_sum(array_map(fn (float $one): float => $one ** 2, $z)) / count($z)))
            ->toBeGreaterThan(0.7)
            ->toBeLessThan(1.2)
            ->and(abs(array_sum($z) / count($z)))
            ->toBeLessThan(0.2);
    }
});

it('does not care in which order stances were read', function (): void {
    [, , $readings] = truth(7);
    $forward = [...$readings->threeStances(), ...$readings->heights(ReadingContext::carried(14.0))];
    $posterior = fitted($forward);

    foreach ([array_reverse($forward), [...array_slice($forward, 4), ...array_slice($forward, 0, 4)]] as $other) {
        $again = fitted($other);
        expect(restored($again)->mean())
            ->toEqualWithDelta(restored($posterior)->mean(), 1e-4)
            ->and(restored($again)->deviation())
            ->toEqualWithDelta(restored($posterior)->deviation(), 1e-4)
            ->and($again->value(RigParameter::BarRate->value)->mean())
            ->toEqualWithDelta($posterior->value(RigParameter::BarRate->value)->mean(), 1e-3);
    }
});

it('takes a repeat for another reading of the same, and knows more by it', function (): void {
    $rig = Priors::rig(0.2, 35.0, 25.0)->likelyRig();
    $readings = new Readings($rig, 35.0);
    $once = $readings->threeStances();
    $half = array_map(
        fn (Observation $one): Observation => new Observation(
            $one->context,
            $one->observed,
            $one->value,
            $one->deviation / M_SQRT2,
        ),
        $once,
    );
    $deviation = fn (array $observations): float => restored(
        (new Estimation(Priors::rig(0.2, 35.0, 25.0), $observations))->asRead(),
    )->deviation();

    expect($deviation([...$once, ...$once]))
        ->toEqualWithDelta($deviation($half), 1e-6)
        ->and($deviation($half))
        ->toBeLessThan($deviation($once))
        ->and($deviation([...$once, ...$readings->heights(ReadingContext::carried(14.0))]))
        ->toBeLessThan($deviation($once));
});

it('learns from what else can be read', function (Observed $observed, ReadingContext $situation, int $parameter): void {
    $readings = new Readings(Priors::rig(0.2, 35.0, 25.0)->likelyRig(), 35.0);
    $prior = Priors::rig(0.2, 35.0, 25.0);
    $doubt = fn (array $observations): float => fitted($observations, $prior)->value($parameter)->deviation();
    $before = $readings->threeStances();
    $extra = [
        $readings->one($situation, $observed, 2.0),
        ...$observed->isAxleLoad()
            ? [
                $readings->one(
                    in_array($observed, [Observed::TrailerLoad, Observed::RearAndTrailerLoad], true)
                        ? ReadingContext::carried(0.0)
                        : ReadingContext::alone(),
                    $observed,
                    2.0,
                ),
            ]
            : [],
    ];

    expect($doubt([...$before, ...$extra]))->toBeLessThan(0.97 * $doubt($before));
})->with([
    'the gauge, bars off: tongue weight' => [Observed::BallLoad, ReadingContext::dropped(), RigParameter::TongueWeight->value],
    'a tongue scale: tongue weight' => [Observed::TongueWeight, ReadingContext::dropped(), RigParameter::TongueWeight->value],
    'the gauge, bars on: springs' => [Observed::BallLoad, ReadingContext::carried(0.0), RigParameter::RearRate->value],
    'front axle weighed: front springs' => [Observed::FrontLoad, ReadingContext::dropped(), RigParameter::FrontRate->value],
    'rear axle weighed: rear springs' => [Observed::RearLoad, ReadingContext::dropped(), RigParameter::RearRate->value],
    'the vehicle on one platform: tongue weight' => [
        Observed::VehicleLoad,
        ReadingContext::dropped(),
        RigParameter::TongueWeight->value,
    ],
    'trailer axles weighed twice: tension' => [Observed::TrailerLoad, ReadingContext::dropped(), RigParameter::Tension->value],
    'rear and trailer on one platform, twice: tension' => [
        Observed::RearAndTrailerLoad,
        ReadingContext::dropped(),
        RigParameter::Tension->value,
    ],
    'bar bend taped: tension' => [Observed::BarBend, ReadingContext::dropped(), RigParameter::Tension->value],
]);

it('reads axle loads to the kilogram of what stands alone', function (): void {
    $readings = new Readings(Priors::rig()->likelyRig(), 20.0);
    $loads = array_map(
        fn (ReadingContext $situation): Observation => $readings->one($situation, Observed::FrontLoad, 3.0),
        [ReadingContext::alone(), ReadingContext::dropped(), ReadingContext::carried(0.0)],
    );
    $share = restored(fitted($loads, Priors::rig()));

    expect($share->mean())
        ->toEqualWithDelta(Priors::rig()->likelyRig()->carried(20.0)->frontRestored(), 1e-3)
        ->and($share->deviation())
        ->toBeLessThan(0.06);
});

it('flags the one absurd reading among good ones, keeps it, and is not led astray', function (
    int $which,
    float $off,
): void {
    [$rig, $tension, $readings] = truth(3, 0.8);
    $observations = [...$readings->threeStances(), ...$readings->threeStances(14.0)];
    $clean = restored(fitted($observations));
    $slipped = $observations[$which];
    $observations[$which] = new Observation(
        $slipped->context,
        $slipped->observed,
        $slipped->value + $off,
        $slipped->deviation,
        ReadingIdentity::named('slipped'),
    );
    $posterior = fitted($observations);
    $flagged = array_map(
        fn (Residual $reading): string => $reading->observation->identity->key,
        array_values(array_filter($posterior->readings, fn (Residual $reading): bool => abs($reading->off) > 3.5 * $reading->deviation)),
    );

    expect($flagged)
        ->toContain('slipped')
        ->and($posterior->readings)
        ->toHaveCount(count($observations))
        ->and(restored($posterior)->mean())
        ->toEqualWithDelta($clean->mean(), 2.5 * restored($posterior)->deviation())
        ->and(restored($posterior)->mean())
        ->toEqualWithDelta($rig->taut($tension)->frontRestored(), 4 * restored($posterior)->deviation());
})->with([
    'alone, half an inch high' => [0, 12.7],
    'dropped, an inch low' => [2, -25.4],
    'carried rear, ten over' => [5, 10.0],
    'second alone' => [6, -12.7],
]);

it('accuses the one reading that is off and no other, however small or gross the error', function (
    int $times,
    int $which,
    float $off,
): void {
    $prior = Priors::rig(0.2, 20.0, 25.0);
    $readings = new Readings($prior->likelyRig(), $prior->likelyRig()->tensionFor(0.75));
    $observations = [];
    for ($i = 0; $i < $times; $i++) {
        array_push($observations, ...$readings->threeStances());
    }
    foreach ($observations as $i => $one) {
        $observations[$i] = new Observation(
            $one->context,
            $one->observed,
            $one->value + ($i === $which ? $off : 0.0),
            $one->deviation,
            ReadingIdentity::named("reading {$i}"),
        );
    }
    $posterior = fitted($observations, $prior);
    $share = $posterior
        ->by($posterior->stories[0])
        ->predict(fn (CoupledRig $rig, float $tension): float => $rig->carried($tension)->frontRestored());

    expect($posterior->suspects[0]->observation()?->identity->key)
        ->toBe("reading {$which}")
        ->and(
            array_filter(
                array_slice($posterior->suspects, 1),
                fn (Suspect $other): bool => $other->chance > $posterior->suspects[0]->chance / 2,
            ),
        )
        ->toBe([])
        ->and($share->mean())
        ->toEqualWithDelta(0.75, 0.03);
})->with([
    'front carried, ten over, read once' => [1, 4, 10.0],
    'front carried, eight over, read once' => [1, 4, 8.0],
    'rear carried, six over, read twice' => [2, 5, 6.0],
    'front carried, a decimetre over, read twice' => [2, 4, 90.0],
    'front alone, a decimetre over' => [1, 0, 100.0],
]);

it('takes bars that lift a fender by little for hardly tight, and no more', function (): void {
    $prior = Priors::rig(0.2, 20.0, 25.0);
    $deviation = fn (float $tension): float => fitted(
        (new Readings($prior->likelyRig(), $tension))->threeStances(),
        $prior,
    )
        ->value(RigParameter::Tension->value)
        ->deviation();

    expect($deviation(-18.0))->toBeGreaterThan(8.0)->and($deviation(0.0))->toBeLessThan(6.5);
});

it('says of slack bars only that they are slack', function (): void {
    $rig = Priors::rig(0.2, 20.0, 25.0)->likelyRig();
    $posterior = fitted((new Readings($rig, -90.0))->threeStances(), Priors::rig(0.2, 20.0, 25.0));
    $tension = $posterior->value(RigParameter::Tension->value);
    $atMost = -$rig->bars()->arm * ($rig->dropped()->vehiclePitchAngle()->radians() - $rig->dropped()->trailerPitch);

    expect($tension->mean())
        ->toBeLessThan($atMost + 5.0)
        ->and($tension->deviation())
        ->toBeGreaterThan(4.0)
        ->and(restored($posterior)->mean())
        ->toBeLessThan(0.15)
        ->and(
            $posterior
                ->rig()
                ->carried($posterior->tension() + 300.0)
                ->frontRestored(),
        )
        ->toBeGreaterThan(0.5);
});

it('bears readings that make no sense, and says how little they are worth', function (array $heights): void {
    $situations = [ReadingContext::alone(), ReadingContext::dropped(), ReadingContext::carried(0.0)];
    $observations = [];
    foreach ($situations as $i => $situation) {
        foreach ([Observed::FrontHeight, Observed::RearHeight] as $end => $observed) {
            if (isset($heights[$i][$end])) {
                $observations[] = new Observation($situation, $observed, $heights[$i][$end], 1.0);
            }
        }
    }
    $share = restored(fitted($observations));

    expect(is_finite($share->mean()))->toBeTrue()->and($share->deviation())->toBeGreaterThan(0.025);
})->with([
    'all the same' => [[[950, 950], [950, 950], [950, 950]]],
    'the front falls when dropped' => [[[950, 985], [940, 930], [945, 950]]],
    'stances swapped' => [[[950, 985], [953, 948], [963, 926]]],
    'carried without dropped' => [[0 => [950, 985], 2 => [955, 950]]],
    'alone only' => [[[950, 985]]],
    'a foot off' => [[[950, 985], [1263, 926], [955, 950]]],
    'fronts only' => [[[950], [963], [955]]],
]);

it('predicts a height with the doubt of where it started', function (): void {
    $readings = new Readings(Priors::rig()->likelyRig(), 20.0);
    $posterior = fitted($readings->threeStances(), Priors::rig());
    $front = $posterior->height(
        Axle::Front,
        fn (CoupledRig $rig, float $tension): float => $rig->carried($tension)->frontRise()->millimetres(),
    );

    expect($front->mean())
        ->toEqualWithDelta(Readings::FRONT_MM + Priors::rig()->likelyRig()->carried(20.0)->frontRise()->millimetres(), 0.01)
        ->and($front->deviation())
        ->toBeLessThan(1.0)
        ->toBeGreaterThan(0.3);
});

it('bears any readings at all: finite answers, chances between nothing and one', function (int $seed): void {
    $random = new SeededSource($seed);
    for ($round = 0; $round < 25; $round++) {
        $observations = [];
        for ($i = (int) $random->between(0, 12); $i > 0; $i--) {
            $situation = [
                ReadingContext::alone(),
                ReadingContext::dropped(),
                ReadingContext::carried($random->between(-200, 200), $random->between(-60, 60)),
            ][(int) $random->between(0, 3)];
            $observed = [Observed::FrontHeight, Observed::RearHeight, Observed::FrontLoad, Observed::RearLoad][
                (int) $random->between(0, 4)
            ];
            $observations[] = new Observation(
                $situation,
                $observed,
                $random->between(1, $observed->isLoad() ? 6000 : 1300),
                $random->between(0.2, 6.0),
            );
        }
        $posterior = fitted($observations);
        $share = restored($posterior);

        expect(is_finite($share->mean()) && is_finite($share->deviation()))
            ->toBeTrue()
            ->and($posterior->value(RigParameter::BarRate->value)->mean())
            ->toBeGreaterThan(0.0)
            ->and($share->chanceBelow(1.0) - $share->chanceBelow(0.5))
            ->toBeBetween(0, 1);
    }
})
    ->with([11, 12, 13])
    ->group('sampled');

it('lets no slip take its neighbours with it', function (float $off): void {
    $prior = Priors::rig(0.2, 35.0, 25.0);
    $readings = new Readings($prior->likelyRig(), 35.0, null, 1.2);
    $observations = [...$readings->threeStances(), ...$readings->heights(ReadingContext::carried(28.0))];
    foreach (
        [
            ReadingContext::alone(),
            ReadingContext::dropped(),
            ReadingContext::carried(0.0),
            ReadingContext::carried(28.0),
        ] as $situation
    ) {
        $observations[] = $readings->one($situation, Observed::FrontLoad, 6.0);
        $observations[] = $readings->one($situation, Observed::RearLoad, 6.0);
    }
    $rear = $observations[7];
    $observations[7] = new Observation(
        $rear->context,
        $rear->observed,
        $rear->value + $off,
        $rear->deviation,
        ReadingIdentity::named('slipped'),
    );
    $posterior = fitted($observations, $prior);
    $flagged = array_values(array_filter($posterior->readings, fn (Residual $reading): bool => abs($reading->off) > 3.5 * $reading->deviation));

    expect(array_map(fn (Residual $reading): string => $reading->observation->identity->key, $flagged))
        ->toBe(['slipped'])
        ->and(ReadingError::likeliest($flagged[0]))
        ->toBe(ReadingError::HalfInch)
        ->and(restored($posterior)->mean())
        ->toEqualWithDelta($prior->likelyRig()->taut(35.0)->frontRestored(), 0.03);
})->with([12.7, -12.7]);
