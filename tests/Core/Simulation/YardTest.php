<?php

declare(strict_types=1);

use Tests\Core\Statics\RigMaker;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Proving\Simulation\SimulatedRig;
use Yoke\Proving\Simulation\SimulatedTape;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

function yardRig(float $share): SimulatedRig
{
    [[$rig]] = RigMaker::random(1);

    return new SimulatedRig(
        $rig,
        $rig->tensionFor($share),
        ['front' => 950.0, 'rear' => 985.0],
        ['front' => 24.0, 'rear' => 70.0],
    );
}

it('draws the same yard from the same seed', function (): void {
    $draw = fn (int $seed): array => array_map(fn (): float => (new SeededSource($seed))->normal(1.0), range(1, 3));
    $one = new SeededSource(4);
    $two = new SeededSource(4);
    $other = new SeededSource(5);

    expect($one->between(0, 1))
        ->toBe($two->between(0, 1))
        ->and($one->normal(1))
        ->toBe($two->normal(1))
        ->and($one->normal(1))
        ->not->toBe($other->normal(1))
        ->and($draw(9))
        ->toBe($draw(9));
});

it('has errors of the size it says', function (): void {
    $random = new SeededSource(1);
    $normal = array_map(fn (): float => $random->normal(0.8), range(1, 20_000));
    $flat = array_map(fn (): float => $random->between(-2, 6), range(1, 20_000));
    $mean = array_sum($normal) / 20_000;
    $variance = array_sum(array_map(fn (float $x): float => ($x - $mean) ** 2, $normal)) / 20_000;

    expect($mean)
        ->toEqualWithDelta(0.0, 0.02)
        ->and(sqrt($variance))
        ->toEqualWithDelta(0.8, 0.02)
        ->and(array_sum($flat) / 20_000)
        ->toEqualWithDelta(2.0, 0.06)
        ->and(min($flat))
        ->toBeGreaterThanOrEqual(-2.0)
        ->and(max($flat))
        ->toBeLessThan(6.0);
});

it('stands where the model says, within its friction', function (Settling $settling, float $left): void {
    [[$truth]] = RigMaker::random(1);
    $rig = yardRig(0.75);
    $random = new SeededSource(2);
    $expected = 950.0 + $truth->carried($truth->tensionFor(0.75))->frontRise()->millimetres();
    $stuck = (24.0 * $left) / $truth->vehicle()->frontRate;
    $heights = array_map(
        fn (): float => $rig->height(Stance::Carried, Axle::Front, $settling, $random)->millimetres(),
        range(1, 400),
    );

    expect(min($heights))
        ->toBeGreaterThanOrEqual($expected - $stuck)
        ->and(max($heights))
        ->toBeLessThanOrEqual($expected + $stuck)
        ->and(max($heights) - min($heights))
        ->toBeGreaterThan($stuck);
})->with(['rolled' => [Settling::Rolled, 0.25], 'not rolled' => [Settling::NotRolled, 1.0]]);

it('calls out the nearest mark of its tape', function (): void {
    $tape = new SimulatedTape(Fineness::Sixteenth, new SeededSource(6));
    $called = array_map(fn (): string => $tape->read(Length::ofInches(38.5)), range(1, 50));

    expect($called)
        ->toContain('38 1/2 in')
        ->and(array_unique($called))
        ->each->toMatch('/^38 (3\/8|7\/16|1\/2|9\/16|5\/8) in$/');
});
