<?php

declare(strict_types=1);

use Tests\Core\Statics\RigMaker;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;

/** The same rig with its rear lifted by levelling or air springs. */
function lifted(CoupledRig $rig, float $lift): CoupledRig
{
    $vehicle = $rig->vehicle();

    return new CoupledRig(
        new TowVehicle($vehicle->wheelbase, $vehicle->overhang, $vehicle->frontRate, $vehicle->rearRate, $lift),
        $rig->trailer(),
        $rig->bars(),
    );
}

it(
    'moves next to no load by lifting the rear with bars off, and takes front load back with bars on',
    function (): void {
        foreach (RigMaker::random(60) as $i => [$rig]) {
            if ($i % 5 === 0) {
                continue;
            }
            $tension = $rig->tensionFor(0.9);
            $up = lifted($rig, 25.0);
            $tongueMoved = abs($up->dropped()->load - $rig->dropped()->load);

            expect($up->dropped()->rearRise()->millimetres())
                ->toEqualWithDelta($rig->dropped()->rearRise()->millimetres() + 25.0, 1.0)
                ->and($tongueMoved)
                ->toBeLessThan(0.04 * $rig->trailer()->tongueWeight)
                ->and($up->carried($tension)->barLoad()->kilograms())
                ->toBeLessThan($rig->carried($tension)->barLoad()->kilograms())
                ->and($up->carried($tension)->frontLoad()->kilograms())
                ->toBeLessThan($rig->carried($tension)->frontLoad()->kilograms())
                ->and($up->carried($tension)->rearLoad()->kilograms())
                ->toBeGreaterThan($rig->carried($tension)->rearLoad()->kilograms());
        }
    },
);

it('lightens the tongue as the nose of a tall trailer goes up', function (): void {
    foreach (RigMaker::random(60) as $i => [$rig]) {
        if ($i % 5 === 0) {
            continue;
        }
        $higher = new CoupledRig(
            $rig->vehicle(),
            $rig->trailer(),
            new Bars(2, $rig->bars()->rate, $rig->bars()->arm, $rig->bars()->ballOverCoupler + 60.0),
        );
        [$low, $high] = [$rig->dropped(), $higher->dropped()];
        $slope = (-$rig->trailer()->weight * $rig->trailer()->cgAboveAxle) / $rig->trailer()->ballToAxle;

        expect(($high->load - $low->load) / ($high->trailerPitch - $low->trailerPitch))
            ->toEqualWithDelta($slope, 1e-6 * abs($slope))
            ->and($high->load)
            ->toBeLessThan($low->load);
    }
});

it('puts the front below its alone height where both ends are made to squat alike', function (): void {
    $shares = [];
    foreach (RigMaker::random(100) as [$rig]) {
        [$low, $high] = [-300.0, 600.0];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            $attitude = $rig->carried($middle);
            $attitude->frontRise()->millimetres() > $attitude->rearRise()->millimetres() ? ($low = $middle) : ($high = $middle);
        }
        $shares[] = $rig->carried($low)->frontRestored();
    }
    sort($shares);

    expect($shares[10])->toBeGreaterThan(1.0)->and($shares[50])->toBeGreaterThan(1.4)->toBeLessThan(2.4);
});

it('holds the height that levelling holds', function (): void {
    foreach (RigMaker::random(20) as [$rig, $tension]) {
        $vehicle = $rig->vehicle();
        $rear = new CoupledRig(
            new TowVehicle($vehicle->wheelbase, $vehicle->overhang, $vehicle->frontRate, INF),
            $rig->trailer(),
            $rig->bars(),
        );
        $all = new CoupledRig(
            new TowVehicle($vehicle->wheelbase, $vehicle->overhang, INF, INF),
            $rig->trailer(),
            $rig->bars(),
        );

        expect(abs($rear->carried($tension)->rearRise()->millimetres()))
            ->toBe(0.0)
            ->and(abs($all->carried($tension)->frontRise()->millimetres()) + abs($all->carried($tension)->rearRise()->millimetres()))
            ->toBe(0.0)
            ->and($all->dropped()->frontLoad()->kilograms())
            ->toBeLessThan(0.0);
    }
});

it('is refused by name where it cannot be', function (Closure $make, string $quantity): void {
    try {
        $make();
    } catch (ImpossibleModel $impossible) {
        expect($impossible->quantity())
            ->toBe($quantity)
            ->and($impossible->expected()->key)
            ->toMatch('/^(model|sheet|rig)\.[a-z_]+$/')
            ->and($impossible->expected()->figures)
            ->toBe([]);

        return;
    }
    throw new LogicException('It was made.');
})->with([
    'no wheelbase' => [fn () => new TowVehicle(0, 1300, 12, 9), 'wheelbase'],
    'an endless wheelbase' => [fn () => new TowVehicle(INF, 1300, 12, 9), 'wheelbase'],
    'an overhang ahead of the axle' => [fn () => new TowVehicle(3700, -1, 12, 9), 'overhang'],
    'a front without springs' => [fn () => new TowVehicle(3700, 1300, 0, 9), 'frontRate'],
    'a rear that is no number' => [fn () => new TowVehicle(3700, 1300, 12, NAN), 'rearRate'],
    'a trailer of no length' => [
        fn () => new TowedTrailer(0, 3000, 400, 500, [['offset' => 0.0, 'rate' => 50.0]]),
        'ballToAxle',
    ],
    'a weightless trailer' => [
        fn () => new TowedTrailer(5000, 0, 400, 500, [['offset' => 0.0, 'rate' => 50.0]]),
        'weight',
    ],
    'a tongue that pulls up' => [
        fn () => new TowedTrailer(5000, 3000, -1, 500, [['offset' => 0.0, 'rate' => 50.0]]),
        'tongueWeight',
    ],
    'all weight on the tongue' => [
        fn () => new TowedTrailer(5000, 3000, 3000, 500, [['offset' => 0.0, 'rate' => 50.0]]),
        'tongueWeight',
    ],
    'a centre of gravity out of sight' => [
        fn () => new TowedTrailer(5000, 3000, 400, INF, [['offset' => 0.0, 'rate' => 50.0]]),
        'cgAboveAxle',
    ],
    'an axle without springs' => [
        fn () => new TowedTrailer(5000, 3000, 400, 500, [['offset' => 0.0, 'rate' => 0.0]]),
        'axles',
    ],
    'no bar' => [fn () => new Bars(0, 5, 700, 0), 'count'],
    'bars of butter' => [fn () => new Bars(2, 0, 700, 0), 'rate'],
    'a bar arm of nothing' => [fn () => new Bars(2, 5, 0, 0), 'arm'],
    'a ball out of sight' => [fn () => new Bars(2, 5, 700, NAN), 'ballOverCoupler'],
]);
