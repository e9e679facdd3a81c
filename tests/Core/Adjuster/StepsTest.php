<?php

declare(strict_types=1);

use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;

it('knows what a step is worth and takes: half of one where half steps can be set', function (
    Adjusters $adjusters,
    float $step,
    float $finest,
    int $minutes,
): void {
    expect($adjusters->tensionStep())
        ->toBe($step)
        ->and($adjusters->finestStep())
        ->toBe($finest)
        ->and($adjusters->stepMinutes())
        ->toBe($minutes);
})->with([
    'links and halves' => [Adjusters::of((new HitchMeasures(28.0))->link()->withHalfSteps()), 28.0, 14.0, 6],
    'links alone' => [
        Adjusters::of((new HitchMeasures(28.0))->link(), (new HitchMeasures())->tilt('washer')),
        28.0,
        28.0,
        6,
    ],
    'a screw' => [Adjusters::of((new HitchMeasures(6.0))->tension('turn', 1)->withHalfSteps()), 6.0, 3.0, 1],
    'nothing to turn' => [Adjusters::of((new HitchMeasures())->head()), 0.0, 0.0, 0],
]);

it('has a step that takes its minutes on every family that moves load, and none on a plain ball', function (): void {
    foreach (Families::all() as $family) {
        $adjusters = $family->adjusters($family->facts()->usual);
        expect($adjusters->stepMinutes() > 0)
            ->toBe($family->facts()->takeUp->distributes(), $family->key())
            ->and($adjusters->finestStep())
            ->toBeLessThanOrEqual($adjusters->tensionStep());
    }
    expect(
        array_map(static fn (HitchFamily $family): string => $family->key(), Families::distributing()),
    )->not->toContain('plain-ball');
});
