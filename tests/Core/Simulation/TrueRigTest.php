<?php

declare(strict_types=1);

use Tests\Core\Statics\RigMaker;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Proving\Simulation\World\Disturbance;
use Yoke\Proving\Simulation\World\Mishaps;
use Yoke\Proving\Simulation\World\SpringLaw;
use Yoke\Proving\Simulation\World\Trouble;
use Yoke\Proving\Simulation\World\TrueHitch;
use Yoke\Proving\Simulation\World\TrueRig;
use Yoke\Proving\Simulation\World\TrueVehicle;
use Yoke\Proving\Simulation\World\World;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** A rig of the closed form as the other simulator has it, with what is said changed. */
function trueRig(CoupledRig $rig, float $weight = 0.0, ?TrueHitch $hitch = null, ?SpringLaw $rear = null): TrueRig
{
    $vehicle = $rig->vehicle();

    return new TrueRig(
        new TrueVehicle(
            $vehicle->wheelbase,
            $vehicle->overhang,
            SpringLaw::straight($vehicle->frontRate),
            $rear ?? SpringLaw::straight($vehicle->rearRate),
            $weight,
            650.0,
        ),
        $rig->trailer(),
        $hitch ?? new TrueHitch($rig->bars()),
    );
}

it('rests where an independent solver has it: the worked cases', function (string $file): void {
    $case = json_decode((string) file_get_contents($file), true);
    $axles = array_map(
        fn (array $axle): array => ['offset' => $axle['offset_mm'], 'rate' => $axle['rate_kg_per_mm']],
        $case['trailer']['axles'],
    );
    $rig = new TrueRig(
        new TrueVehicle(
            $case['vehicle']['wheelbase_mm'],
            $case['vehicle']['overhang_mm'],
            SpringLaw::straight($case['vehicle']['front_rate_kg_per_mm']),
            SpringLaw::straight($case['vehicle']['rear_rate_kg_per_mm']),
        ),
        new TowedTrailer(
            $case['trailer']['ball_to_axle_mm'],
            $case['trailer']['weight_kg'],
            $case['trailer']['tongue_weight_kg'],
            $case['trailer']['cg_above_axle_mm'],
            $axles,
        ),
        new TrueHitch(
            new Bars(
                $case['hitch']['bars'],
                $case['hitch']['bar_rate_kg_per_mm'],
                $case['hitch']['bar_arm_mm'],
                $case['hitch']['ball_over_coupler_mm'],
            ),
        ),
    );
    foreach ($case['stances'] as $stance) {
        $stand = isset($stance['tension_mm']) ? $rig->carried($stance['tension_mm']) : $rig->dropped();

        expect($stand->frontRise)
            ->toEqualWithDelta($stance['expect']['front_rise_mm'], 0.1)
            ->and($stand->rearRise)
            ->toEqualWithDelta($stance['expect']['rear_rise_mm'], 0.1)
            ->and($stand->frontLoad)
            ->toEqualWithDelta($stance['expect']['front_load_change_kg'], 1.2)
            ->and($stand->barLoad)
            ->toEqualWithDelta($stance['expect']['bar_load_kg'], 0.5)
            ->and(rad2deg($stand->trailerPitch))
            ->toEqualWithDelta($stance['expect']['trailer_pitch_deg'], 0.006);
    }
})->with(
    fn (): array => array_values(
        array_filter(
            glob(dirname(__DIR__, 2).'/fixtures/cases/*.json') ?: [],
            fn (string $file): bool => ! str_contains((string) file_get_contents($file), 'null'),
        ),
    ),
);

it('meets the closed form on any plain rig', function (): void {
    foreach (RigMaker::random(40) as [$rig]) {
        foreach ([-20.0, 20.0, 60.0] as $tension) {
            $stand = trueRig($rig)->carried($tension);
            $model = $rig->carried($tension);

            expect($stand->frontRise)
                ->toEqualWithDelta($model->frontRise()->millimetres(), 0.25)
                ->and($stand->rearRise)
                ->toEqualWithDelta($model->rearRise()->millimetres(), 0.25)
                ->and(trueRig($rig)->restored($tension))
                ->toEqualWithDelta($model->frontRestored(), 0.012);
        }
    }
});

it('balances: what the vehicle gains is what the trailer loses, by springs and bars alike', function (): void {
    [[$rig]] = RigMaker::random(1);
    $rig = trueRig($rig);
    [$dropped, $carried] = [$rig->dropped(), $rig->carried(40.0)];

    expect($dropped->frontLoad)
        ->toBeLessThan(0.0)
        ->and($dropped->rearLoad)
        ->toBeGreaterThan(0.0)
        ->and($carried->frontLoad)
        ->toBeGreaterThan($dropped->frontLoad)
        ->and($carried->rearLoad)
        ->toBeLessThan($dropped->rearLoad)
        ->and($dropped->barLoad)
        ->toBe(0.0)
        ->and($carried->barLoad)
        ->toBeGreaterThan(0.0)
        ->and($rig->alone()->frontRise)
        ->toEqualWithDelta(0.0, 1e-6)
        ->and($rig->restored(-500.0))
        ->toEqualWithDelta(0.0, 1e-9);
});

it('stands otherwise with somebody in the cab, on a slope, in a dip, and with bars that rub', function (): void {
    [[$closed]] = RigMaker::random(1);
    $rig = trueRig($closed, 2400.0);
    $plain = $rig->carried(40.0);

    expect($rig->alone(new Disturbance(cabKg: 80.0))->frontRise)
        ->toBeLessThan(-1.0)
        ->and($rig->alone(new Disturbance(cabKg: 80.0))->rearRise)
        ->toBeLessThan(-1.0)
        ->and($rig->alone(new Disturbance(slope: 0.01))->frontRise)
        ->toBeGreaterThan(0.0)
        ->and($rig->alone(new Disturbance(front: -12.0))->frontRise)
        ->toEqualWithDelta(-12.0, 0.5)
        ->and($rig->carried(40.0, new Disturbance(trailer: -12.0))->frontLoad)
        ->not->toEqualWithDelta($plain->frontLoad, 1.0)
        ->and($rig->carried(40.0, new Disturbance(rub: 0.1))->frontLoad)
        ->toBeGreaterThan($plain->frontLoad)
        ->and((new Disturbance(front: -12.0))->with(80.0)->rubbing(0.1))
        ->toEqual(new Disturbance(front: -12.0, cabKg: 80.0, rub: 0.1));
});

it('loses bend to play and to a head that gives', function (): void {
    [[$closed]] = RigMaker::random(1);
    $share = fn (TrueHitch $hitch): float => trueRig($closed, hitch: $hitch)->restored(40.0);
    $bars = $closed->bars();

    expect($share(new TrueHitch($bars, play: 6.0)))
        ->toBeLessThan($share(new TrueHitch($bars)) - 0.02)
        ->and($share(new TrueHitch($bars, give: 0.01)))
        ->toBeLessThan($share(new TrueHitch($bars)))
        ->and($share(new TrueHitch($bars, 150.0, 0.0)))
        ->toEqualWithDelta($share(new TrueHitch($bars)), 0.03);
});

it('pushes back by a spring law: straight, stiffening, with a helper leaf', function (): void {
    $straight = SpringLaw::straight(10.0);
    $stiff = new SpringLaw(10.0, 0.4);
    $helped = new SpringLaw(10.0, 0.0, 30.0, 0.6);

    expect($straight->force(20.0))
        ->toBe(200.0)
        ->and($straight->force(-20.0))
        ->toBe(-200.0)
        ->and($stiff->force(40.0))
        ->toEqualWithDelta(10.0 * 40.0 * 1.2, 1e-9)
        ->and($stiff->force(-40.0))
        ->toEqualWithDelta(-10.0 * 40.0 * 0.8, 1e-9)
        ->and(($stiff->force(40.001) - $stiff->force(40.0)) / 0.001)
        ->toEqualWithDelta(14.0, 0.01)
        ->and($helped->force(30.0))
        ->toBe(300.0)
        ->and($helped->force(40.0))
        ->toEqualWithDelta(400.0 + 60.0, 1e-9);
});

it(
    'has no mishaps in a plain world, all of them in a full one, and just the one that a run is about',
    function (): void {
        $random = new SeededSource(4);
        $draw = fn (World $world, string $trouble = ''): Mishaps => Mishaps::drawn(
            $world,
            $trouble === '' ? Trouble::none() : Trouble::named($trouble),
            $random,
        );
        $disturbed = fn (Mishaps $mishaps): int => count(
            array_filter(
                Stance::cases(),
                fn (Stance $stance): bool => $mishaps->standing($stance, 1, $random)->disturbance != Disturbance::none(),
            ),
        );
        [$plain, $full, $levered] = [0, 0, 0];
        for ($i = 0; $i < 100; $i++) {
            $plain += $disturbed($draw(World::Plain));
            $full += $disturbed($draw(World::Full)) > 0 ? 1 : 0;
            $levered += $draw(World::Moderate)->isLevered ? 1 : 0;
        }

        expect($plain)
            ->toBe(0)
            ->and($full)
            ->toBe(100)
            ->and($levered)
            ->toBeBetween(15, 45)
            ->and($disturbed($draw(World::Plain, 'person')))
            ->toBe(1)
            ->and($disturbed($draw(World::Plain, 'dip')))
            ->toBe(1)
            ->and($draw(World::Plain, 'levered')->isLevered)
            ->toBeTrue()
            ->and($draw(World::Plain, 'levered')->friction())
            ->toBe(2.0)
            ->and($draw(World::Plain)->memory())
            ->toBe(0.0)
            ->and($draw(World::Full)->memory())
            ->toBeGreaterThan(0.5)
            ->and($draw(World::Full)->rub())
            ->toBeGreaterThan($draw(World::Moderate)->rub())
            ->and($draw(World::Plain)->tapeLean())
            ->toBe(0.0);
    },
);

it('is rid of somebody in the cab half the time, once the rig was rolled to be taped again', function (): void {
    $random = new SeededSource(9);
    [$first, $later] = [0, 0];
    for ($i = 0; $i < 200; $i++) {
        $mishaps = Mishaps::drawn(World::Plain, Trouble::named('person'), $random);
        foreach (Stance::cases() as $stance) {
            $first += $mishaps->standing($stance, 1, $random)->disturbance->cabKg > 0.0 ? 1 : 0;
            $later += $mishaps->standing($stance, 2, $random)->disturbance->cabKg > 0.0 ? 1 : 0;
        }
    }

    expect($first)
        ->toBe(200)
        ->and($later)
        ->toBeBetween(70, 130)
        ->and(
            Mishaps::drawn(World::Plain, Trouble::none(), $random)
                ->standing(Stance::Alone, 1, $random)
                ->foot(Axle::Front),
        )
        ->toBe(0.0);
});
