<?php

declare(strict_types=1);

use Tests\Core\Statics\RigMaker;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;

$cases = [];
foreach (glob(__DIR__.'/../../fixtures/cases/*.json') ?: [] as $file) {
    $case = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
    foreach ($case['stances'] as $stance) {
        $cases[
            $case['name'].', '.(isset($stance['tension_mm']) ? "tension {$stance['tension_mm']} mm" : 'bars off')
        ] = [$case, $stance];
    }
}

it('meets the worked cases of the energy solver', function (array $case, array $stance): void {
    $rig = RigMaker::fromCase($case);
    $attitude = isset($stance['tension_mm']) ? $rig->carried($stance['tension_mm']) : $rig->dropped();
    $found = RigMaker::figures($attitude);

    foreach ($stance['expect'] as $name => $expected) {
        $tolerance = match (true) {
            $name === 'bar_moment_kg_mm' => max(100.0, 0.001 * abs($expected)),
            $name === 'front_restored' => 0.001,
            str_ends_with($name, '_mm') => 0.05,
            str_ends_with($name, '_kg') => 0.1,
            str_ends_with($name, '_deg') => 0.003,
        };
        expect($found[$name])->toEqualWithDelta($expected, $tolerance, $name);
    }
})->with($cases);

it('has all the worked cases', function () use ($cases): void {
    expect(count($cases))->toBeGreaterThanOrEqual(36);
});

it('closes forces and moments on random rigs', function (): void {
    foreach (RigMaker::random(200) as [$rig, $tension]) {
        $attitude = $rig->carried($tension);
        $trailer = $rig->trailer();
        $vehicle = $rig->vehicle();
        $aboutGroup =
            $attitude->load * $trailer->ballToAxle +
            $attitude->barMoment -
            $trailer->tongueWeight * $trailer->ballToAxle +
            ($trailer->weight * $trailer->cgAboveAxle - $trailer->pitchStiffness()) * $attitude->trailerPitch;
        $aboutRearAxle =
            $attitude->frontLoad()->kilograms() * $vehicle->wheelbase - $attitude->barMoment + $attitude->load * $vehicle->overhang;
        $groupRise = ($attitude->load - $trailer->tongueWeight) / $trailer->groupRate();
        $bend = $tension + $rig->bars()->arm * ($attitude->vehiclePitchAngle()->radians() - $attitude->trailerPitch);

        expect($attitude->frontLoad()->kilograms() + $attitude->rearLoad()->kilograms() + $attitude->trailerLoad()->kilograms())
            ->toEqualWithDelta($trailer->tongueWeight, 1e-6)
            ->and($aboutGroup / $trailer->ballToAxle)
            ->toEqualWithDelta(0.0, 1e-6)
            ->and($aboutRearAxle / $vehicle->wheelbase)
            ->toEqualWithDelta(0.0, 1e-6)
            ->and(($attitude->ballRise()->millimetres() - $groupRise) / $trailer->ballToAxle)
            ->toEqualWithDelta($attitude->trailerPitch, 1e-9)
            ->and($attitude->barLoad()->kilograms())
            ->toEqualWithDelta(max(0.0, $rig->bars()->count * $rig->bars()->rate * $bend), 1e-6);
    }
});

it('never puts back less for more tension, and nothing with slack bars', function (): void {
    foreach (RigMaker::random(100) as [$rig]) {
        $shares = array_map(fn (int $tension): float => $rig->carried($tension)->frontRestored(), range(-80, 120, 4));
        $sorted = $shares;
        sort($sorted);

        expect($shares)
            ->toBe($sorted)
            ->and(RigMaker::figures($rig->carried(-1e6)))
            ->toEqual(RigMaker::figures($rig->dropped()))
            ->and($rig->dropped()->frontRestored())
            ->toEqualWithDelta(0.0, 1e-12);
    }
});

it('stands as high when all rates and loads are doubled', function (): void {
    foreach (RigMaker::random(50) as [$rig, $tension]) {
        $doubled = new CoupledRig(
            new TowVehicle(
                $rig->vehicle()->wheelbase,
                $rig->vehicle()->overhang,
                2 * $rig->vehicle()->frontRate,
                2 * $rig->vehicle()->rearRate,
            ),
            new TowedTrailer(
                $rig->trailer()->ballToAxle,
                2 * $rig->trailer()->weight,
                2 * $rig->trailer()->tongueWeight,
                $rig->trailer()->cgAboveAxle,
                array_map(
                    fn (array $axle): array => ['offset' => $axle['offset'], 'rate' => 2 * $axle['rate']],
                    $rig->trailer()->axles,
                ),
            ),
            new Bars($rig->bars()->count, 2 * $rig->bars()->rate, $rig->bars()->arm, $rig->bars()->ballOverCoupler),
        );
        $heights = fn (Attitude $attitude): array => [
            $attitude->frontRise()->millimetres(),
            $attitude->rearRise()->millimetres(),
            $attitude->ballRise()->millimetres(),
        ];

        foreach ($heights($rig->carried($tension)) as $i => $height) {
            expect($heights($doubled->carried($tension))[$i])->toEqualWithDelta($height, 1e-9);
        }
    }
});

it('finds the tension that puts back a share', function (): void {
    foreach (RigMaker::random(100) as [$rig]) {
        foreach ([0.3, 0.5, 0.75, 1.0, 1.4] as $share) {
            expect($rig->carried($rig->tensionFor($share))->frontRestored())->toEqualWithDelta($share, 1e-9);
        }
    }
});

it('rises at the rear as far as the jack must hold it for bars that are neither slack nor bent', function (): void {
    foreach (RigMaker::random(80) as [$rig, $tension]) {
        [$vehicle, $trailer, $bars] = [$rig->vehicle(), $rig->trailer(), $rig->bars()];
        $rise = $rig->rearRiseJacked($tension);
        // From the rear alone, by its spring: the load on the ball. The front by its lever, the vehicle's pitch by both.
        $onBall = (($vehicle->rearLift - $rise) * $vehicle->rearRate) / (1 + $vehicle->overhang / $vehicle->wheelbase);
        $front = ($onBall * $vehicle->overhang) / $vehicle->wheelbase / $vehicle->frontRate;
        $pitch = ($front - $rise) / $vehicle->wheelbase;
        $ball = $rise - $vehicle->overhang * $pitch + $bars->ballOverCoupler;
        // The trailer that stands on the jack at that height: its pitch by the springs of its axles.
        $stiffness = $trailer->pitchStiffness() - $trailer->weight * $trailer->cgAboveAxle;
        $turned = $ball / ($trailer->ballToAxle + $stiffness / ($trailer->ballToAxle * $trailer->groupRate()));

        // Bars that hang slack as it stands need no jack, and stay slack.
        $bend = $tension + $bars->arm * ($pitch - $turned);
        $isSlack = abs($rise - $rig->dropped()->rearRise()->millimetres()) < 1e-9;
        $jacked = ($jacked ?? 0) + ($isSlack ? 0 : 1);
        expect($isSlack ? min(0.0, $bend) : $bend)->toEqualWithDelta($isSlack ? $bend : 0.0, 1e-6);
        expect($rise)->toBeGreaterThan($rig->dropped()->rearRise()->millimetres() - 1e-9);
        expect($rig->rearRiseJacked($tension + 128.0))->toBeGreaterThan($rise);
    }
    expect($jacked)->toBeGreaterThan(50);
});

it('needs no jack where the bars hang slack as the rig stands dropped', function (): void {
    foreach (RigMaker::random(20) as [$rig]) {
        expect($rig->rearRiseJacked(-500.0))->toEqualWithDelta($rig->dropped()->rearRise()->millimetres(), 1e-9);
    }
});
