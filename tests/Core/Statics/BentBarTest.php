<?php

declare(strict_types=1);

use Tests\Core\Statics\RigMaker;
use Yoke\Mechanics\Statics\BentBar;

it('leaves the head along its line and ends where the eye hangs', function (float $drop, float $bend): void {
    $bar = new BentBar(720.0, $drop, $bend);
    $slopeAtHead = ($bar->heightAt(0.001) - $bar->heightAt(0.0)) / 0.001;

    expect($bar->heightAt(0.0))
        ->toBe(0.0)
        ->and($bar->heightAt(720.0))
        ->toEqualWithDelta(-$drop, 1e-9)
        ->and($slopeAtHead)
        ->toEqualWithDelta(-($drop + $bend) / 720, 1e-4);
})->with([
    'straight and level' => [0.0, 0.0],
    'tips low, unbent' => [40.0, 0.0],
    'bent, parallel' => [0.0, 60.0],
    'bent, tips high' => [-20.0, 80.0],
]);

it('gives the eye up by what slope and bend take of the length', function (float $drop, float $bend): void {
    $bar = new BentBar(720.0, $drop, $bend);
    $taken = 0.0;
    for ($i = 0; $i < 7200; $i++) {
        $slope = ($bar->heightAt(($i + 1) / 10) - $bar->heightAt($i / 10)) * 10;
        $taken += $slope ** 2 / 2 / 10;
    }

    expect($bar->eyeDistance())
        ->toEqualWithDelta(720.0 - $taken, 1e-3)
        ->and($bar->eyeDistance())
        ->toBeLessThanOrEqual(720.0);
})->with([[0.0, 0.0], [40.0, 0.0], [0.0, 60.0], [-20.0, 80.0], [90.0, 30.0]]);

it('bends as far as its moment says, and sheds no load of the group between its axles', function (): void {
    foreach (RigMaker::random(60) as [$rig, $tension]) {
        $carried = $rig->carried($tension);
        $loads = $carried->trailerAxleLoads();

        expect($carried->barBend()->millimetres() * $rig->bars()->rate * $rig->bars()->count)
            ->toEqualWithDelta($carried->barLoad()->kilograms(), 1e-6)
            ->and($rig->dropped()->barBend()->millimetres())
            ->toBe(0.0)
            ->and(array_sum($loads))
            ->toEqualWithDelta($rig->trailer()->weight - $carried->load, 1e-6)
            ->and($loads)
            ->toHaveCount(count($rig->trailer()->axles));
    }
});

it('loads the foremost axle of its own springs more as the nose goes down', function (): void {
    foreach (RigMaker::random(60) as $i => [$rig]) {
        if ($i % 5 === 0) {
            $level = $rig->carried($rig->tensionFor(0.5));
            [$front, $rear] = $level->trailerAxleLoads();
            expect($front > $rear)->toBe($level->trailerPitch < 0.0);
        }
    }
});
