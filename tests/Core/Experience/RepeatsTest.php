<?php

declare(strict_types=1);

use Yoke\Job\Experience\Repeat;
use Yoke\Job\Experience\Repeats;
use Yoke\Measuring\Readings\Height\HeightDoubt;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Rig\Parts\Suspension;

/** @return list<Repeat> differences of readings that were repeated so often */
function repeated(array $tape, array $springs, int $many): array
{
    $random = new SeededSource(5);
    $pairs = [];
    foreach ($tape as $reader => $mm) {
        foreach (Suspension::cases() as $kind) {
            for ($i = 0; $i < $many; $i++) {
                $pairs[] = new Repeat($reader, $kind, $random->normal(hypot($mm, $springs[$kind->value]) * sqrt(2.0)));
            }
        }
    }

    return $pairs;
}

it('tells a careful reader from a careless one, and springs that stick from those that do not', function (): void {
    $repeats = new Repeats(
        repeated(['Wren' => 0.5, 'Ash' => 1.8], ['coil' => 0.4, 'leaf' => 1.6], 150),
        new HeightDoubt(),
    );

    expect($repeats->readers()['Wren'])
        ->toBeLessThan(0.85)
        ->and($repeats->readers()['Ash'])
        ->toEqualWithDelta(1.8, 0.3)
        ->and($repeats->springs()['leaf'])
        ->toEqualWithDelta(1.5, 0.3)
        ->and($repeats->springs()['coil'])
        ->toBeLessThan(0.7)
        ->and($repeats->of('Ash'))
        ->toBe(300)
        ->and($repeats->on(Suspension::Leaf))
        ->toBe(300);
});

it('stays with the textbook after a few repeats, and for whom there are none', function (): void {
    $few = new Repeats([new Repeat('Wren', Suspension::Coil, 0.0), new Repeat('Wren', Suspension::Coil, 0.1)], new HeightDoubt());

    expect($few->readers()['Wren'])
        ->toBeGreaterThan(0.75)
        ->toBeLessThan(0.95)
        ->and($few->springs()['leaf'])
        ->toEqualWithDelta(1.1, 1e-9)
        ->and((new Repeats([], new HeightDoubt()))->readers())
        ->toBe([]);
});

it('is not thrown by a slip of half an inch', function (): void {
    $usual = repeated(['Wren' => 0.9], ['coil' => 0.5, 'leaf' => 1.1], 15);
    $before = new Repeats($usual, new HeightDoubt());
    $after = new Repeats([...$usual, new Repeat('Wren', Suspension::Coil, 12.7)], new HeightDoubt());

    expect($after->readers()['Wren'] / $before->readers()['Wren'])->toBeLessThan(1.15);
});
