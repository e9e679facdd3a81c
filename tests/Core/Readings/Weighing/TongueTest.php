<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Measuring\Readings\Tongue\Lever;
use Yoke\Measuring\Readings\Tongue\TongueCurve;
use Yoke\Measuring\Readings\Tongue\TongueReading;
use Yoke\Measuring\Readings\Tongue\TongueSeries;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleReading;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Rig\Parts\TongueWeightSource;
use Yoke\Showing\Drawing\Plot\HeightCurvePlot;

function mm(float $millimetres): Length
{
    return Length::ofMillimetres($millimetres);
}

function tongueRead(
    float $kilograms,
    ?float $height = null,
    TongueWeightSource $by = TongueWeightSource::BathroomScale,
    ?Lever $lever = null,
    float $behind = 0.0,
): TongueReading {
    return TongueReading::of(
        $by,
        Load::ofKilograms($kilograms),
        $height === null ? null : mm($height),
        mm(5150),
        $lever,
        mm($behind),
    );
}

it('takes a reading to the ball by lever and place', function (
    float $read,
    ?Lever $lever,
    float $behind,
    float $onBall,
): void {
    expect(
        tongueRead($read, null, TongueWeightSource::BathroomScale, $lever, $behind)->onBall()->kilograms(),
    )->toEqualWithDelta($onBall, 1e-9);
})->with([
    'straight' => [201.0, null, 0.0, 201.0],
    'a third of the beam' => [134.0, fn () => Lever::of(mm(1200), mm(400)), 0.0, 402.0],
    'under the jack' => [412.0, null, 515.0, 370.8],
    'both' => [100.0, fn () => Lever::of(mm(900), mm(300)), 515.0, 270.0],
]);

it('doubts a lever by its shorter arm', function (): void {
    expect(Lever::of(mm(900), mm(30))->doubt())
        ->toEqualWithDelta(0.1, 0.001)
        ->and(tongueRead(20.0, null, TongueWeightSource::BathroomScale, Lever::of(mm(900), mm(30)))->gainDoubt())
        ->toEqualWithDelta(hypot(0.05, 0.1), 0.001);
});

it('refuses what cannot be read', function (Closure $read, string $field): void {
    try {
        $read();
    } catch (ImpossibleReading $impossible) {
        expect($impossible->field())
            ->toBe($field)
            ->and($impossible->expected()->key)
            ->toBe(
                match ($field) {
                    'arm_scale', 'arm_tongue' => 'tongue.arm',
                    'read' => 'tongue.weightless',
                    'behind_ball' => 'tongue.behind_the_axles',
                    default => 'tongue.height',
                },
            );

        return;
    }
    $this->fail('It was taken.');
})->with([
    'a zero arm' => [fn () => Lever::of(mm(0), mm(300)), 'arm_scale'],
    'the other arm' => [fn () => Lever::of(mm(900), mm(0)), 'arm_tongue'],
    'an arm below nothing' => [fn () => Lever::of(mm(900), mm(-20)), 'arm_tongue'],
    'nothing on the scale' => [fn () => tongueRead(0.0), 'read'],
    'a scale behind the axles' => [fn () => tongueRead(100.0, behind: 5200.0), 'behind_ball'],
    'a coupler in the clouds' => [fn () => tongueRead(100.0, 2100.0), 'hitch_height'],
]);

it('finds tongue weight, slope and centre of gravity of a trailer from readings at several heights', function (
    AxleGroup $axles,
    float $cg,
): void {
    $trailer = Priors::rig(axles: $axles)->likelyRig()->trailer();
    $slope = -(3180 * $cg - $trailer->pitchStiffness()) / 5150 ** 2;
    $readings = array_map(
        fn (float $height): TongueReading => tongueRead((402.0 + $slope * ($height - 480)) * 1.03, $height),
        [330.0, 480.0, 630.0, 780.0],
    );
    $curve = new TongueCurve($trailer, mm(480), 0.35, $readings);

    expect($curve->isFitted())
        ->toBeTrue()
        ->and(abs($curve->level()->mean() - 402.0))
        ->toBeLessThan(2 * $curve->level()->deviation())
        ->and(abs($curve->cgAboveAxle()->mean() - $cg))
        ->toBeLessThan(2 * $curve->cgAboveAxle()->deviation())
        ->and($curve->cgAboveAxle()->deviation())
        ->toBeLessThan(0.35 * 520)
        ->and($curve->at(mm(700))->mean() < $curve->at(mm(400))->mean())
        ->toBe($slope < 0);
})->with([
    'tall, equalised' => [AxleGroup::equalised(), 900.0],
    'low, equalised' => [AxleGroup::equalised(), 420.0],
    'each on its own springs' => [AxleGroup::unequalised(2, 860.0), 600.0],
]);

it(
    'takes the model\'s slope from one reading, and learns the instrument\'s error from no repeat of it',
    function (): void {
        $trailer = Priors::rig()->likelyRig()->trailer();
        $once = new TongueCurve($trailer, mm(480), 0.35, [tongueRead(400.0, 500.0)]);
        $often = new TongueCurve($trailer, mm(480), 0.35, array_fill(0, 8, tongueRead(400.0, 500.0)));
        $another = new TongueCurve($trailer, mm(480), 0.35, [
            tongueRead(400.0, 500.0),
            tongueRead(400.0, 500.0, TongueWeightSource::TongueScale),
        ]);

        expect($once->isFitted())
            ->toBeFalse()
            ->and($once->slope()->mean())
            ->toEqualWithDelta((-3180 * 520) / 5150 ** 2, 1e-6)
            ->and($often->level()->deviation())
            ->toBeGreaterThan(0.97 * 0.05 * 400.0)
            ->and($another->level()->deviation())
            ->toBeLessThan(0.022 * 400.0)
            ->and($once->carriedTo(tongueRead(400.0, 500.0), mm(480))->kilograms())
            ->toEqualWithDelta($once->level()->mean(), 0.5);
    },
);

it('claims no more than it knows: of many scales, two thirds lie within a deviation', function (): void {
    $random = new SeededSource(77);
    $trailer = Priors::rig()->likelyRig()->trailer();
    $within = 0;
    for ($i = 0; $i < 300; $i++) {
        $gain = 1 + $random->normal(0.05);
        $readings = array_map(
            fn (float $height): TongueReading => tongueRead(
                (402.0 - 0.0623 * ($height - 480)) * $gain * (1 + $random->normal(0.006)),
                $height,
            ),
            [420.0, 520.0, 620.0],
        );
        $level = (new TongueCurve($trailer, mm(480), 0.35, $readings))->level();
        $within += abs($level->mean() - 402.0) < $level->deviation() ? 1 : 0;
    }
    expect($within / 300)->toBeBetween(0.6, 0.76);
});

it('lays readings and line out on round gridlines, nothing off the plot', function (): void {
    $points = [[430.0, Normal::of(350.0, 17.0)], [583.0, Normal::of(340.0, 17.0)]];
    $plot = new HeightCurvePlot(fn (float $height): Normal => Normal::of(380.0 - 0.07 * $height, 15.0), $points);
    $places = [...$plot->line(), ...$plot->doubt(), $plot->at(430.0, 350.0)];
    $lines = $plot->gridlines(25.4, 1.0);

    foreach ($places as $place) {
        expect($place->x)->toBeBetween(0.0, 100.0)->and($place->y)->toBeBetween(0.0, 100.0);
    }
    expect(count($lines['heights']))
        ->toBeBetween(2, 6)
        ->and(count($lines['loads']))
        ->toBeBetween(2, 6)
        ->and(array_map(fn (float $at): float => fmod(round($at / 25.4, 6), 1.0), $lines['heights']))
        ->each->toEqual(0.0)
        ->and($plot->at(500.0, 345.0)->y)
        ->toBeLessThan($plot->at(500.0, 335.0)->y);
});

it('keeps the level weight within its readings, whichever heights are added', function (): void {
    $random = new SeededSource(31);
    $trailer = Priors::rig()->likelyRig()->trailer();
    for ($i = 0; $i < 200; $i++) {
        $gain = 1 + $random->normal(0.05);
        $read = fn (float $height): TongueReading => tongueRead(
            (402.0 - 0.0623 * ($height - 480)) * $gain * (1 + $random->normal(0.004)),
            $height,
        );
        $level = $read(480.0);
        $around = [$level, $read(400.0), $read(560.0), $read(620.0), $read(340.0)];
        $alone = (new TongueCurve($trailer, mm(480), 0.35, [$level]))->level()->mean();
        $all = (new TongueCurve($trailer, mm(480), 0.35, $around))->level()->mean();
        $loads = array_map(fn (TongueReading $one): float => $one->onBall()->kilograms(), $around);

        expect($all)
            ->toBeGreaterThanOrEqual(min($loads))
            ->toBeLessThanOrEqual(max($loads))
            ->and(abs($all - $alone))
            ->toBeLessThan(0.02 * $alone);
    }
});

/**
 * Readings of a scale that reads some percent too high at all heights, of a tongue with a slope.
 *
 * @param  array<int, float>  $off  by place, kg
 * @return non-empty-list<TongueReading>
 */
function readingsAround(float $slope, array $heights, float $gain = 1.02, array $off = [], int $seed = 3): array
{
    $random = new SeededSource($seed);
    $readings = [];
    foreach ($heights as $i => $height) {
        $true = 400.0 + $slope * ($height - 480.0);
        $readings[] = tongueRead($gain * $true * (1.0 + $random->normal(0.004)) + ($off[$i] ?? 0.0), $height);
    }

    return $readings;
}

it('keeps the level value among the readings near level, whatever the slope', function (float $slope): void {
    $trailer = Priors::rig()->likelyRig()->trailer();
    foreach (range(1, 12) as $seed) {
        $readings = readingsAround($slope, [420.0, 460.0, 500.0, 540.0, 580.0], 1.0, [], $seed);
        $near = [$readings[1]->onBall()->kilograms(), $readings[2]->onBall()->kilograms()];
        $level = (new TongueCurve($trailer, mm(480), 0.35, $readings))->level()->mean();
        expect($level)->toBeGreaterThan(min($near) - 4.0)->toBeLessThan(max($near) + 4.0);
    }
})->with([-0.6, -0.3, -0.1, 0.0, 0.1, 0.3, 0.6]);

it('names the reading that stands apart, and goes without it', function (int $which, float $by): void {
    $trailer = Priors::rig()->likelyRig()->trailer();
    $heights = [420.0, 460.0, 500.0, 540.0, 580.0];
    $clean = new TongueSeries($trailer, mm(480), 0.35, readingsAround(-0.12, $heights));
    $with = new TongueSeries($trailer, mm(480), 0.35, readingsAround(-0.12, $heights, 1.02, [$which => $by]));

    expect($clean->apart)
        ->toBe([])
        ->and($with->apart)
        ->toBe([$which])
        ->and($with->curve->level()->mean())
        ->toEqualWithDelta($clean->curve->level()->mean(), 4.0);
})->with([[0, 40.0], [1, -40.0], [2, 45.4], [3, -36.0], [4, 60.0]]);

it('names nobody where nobody can say which, and both of two that differ at one height', function (): void {
    $trailer = Priors::rig()->likelyRig()->trailer();
    $three = new TongueSeries($trailer, mm(480), 0.35, readingsAround(0.0, [460.0, 480.0, 500.0], 1.0, [1 => 60.0]));
    $two = new TongueSeries($trailer, mm(480), 0.35, [tongueRead(400.0, 480.0), tongueRead(430.0, 481.0)]);
    $alike = new TongueSeries($trailer, mm(480), 0.35, [tongueRead(400.0, 480.0), tongueRead(403.0, 481.0)]);
    $elsewhere = new TongueSeries($trailer, mm(480), 0.35, [tongueRead(400.0, 480.0), tongueRead(430.0, 520.0)]);
    $scales = new TongueSeries($trailer, mm(480), 0.35, [
        tongueRead(400.0, 480.0),
        tongueRead(430.0, 480.0, TongueWeightSource::TongueScale),
    ]);

    expect($three->apart)
        ->toBe([])
        ->and($two->atOdds())
        ->toHaveCount(1)
        ->and($two->atOdds()[0]->other->onBall()->kilograms())
        ->toBe(430.0)
        ->and($alike->atOdds())
        ->toBe([])
        ->and($elsewhere->atOdds())
        ->toBe([])
        ->and($scales->atOdds())
        ->toBe([]);
});

it('says at which height a load lies on the ball, and nothing where no slope is told', function (): void {
    $trailer = Priors::rig()->likelyRig()->trailer();
    $curve = (new TongueSeries($trailer, mm(480), 0.35, readingsAround(-0.25, [420.0, 460.0, 500.0, 540.0], 1.0)))->curve;
    $level = new TongueSeries($trailer, mm(480), 0.35, [tongueRead(400.0, 480.0)]);
    $height = $curve->heightFor(390.0);

    expect($height->mean())
        ->toEqualWithDelta(480.0 + (390.0 - 400.0) / -0.25, 3.0 * $height->deviation())
        ->and($curve->at(mm($height->mean()))->mean())
        ->toEqualWithDelta(390.0, 1e-6)
        ->and($level->curve->heightFor(390.0))
        ->toBeNull();
});
