<?php

declare(strict_types=1);

use Yoke\Job\Record\RigSize;
use Yoke\Rig\Parts\Check\SizeRange;

it('holds both its ends, and says what a number outside would be in another unit', function (): void {
    $range = SizeRange::ofMillimetres(1500.0, 6500.0);

    expect($range->holds(1500.0))
        ->toBeTrue()
        ->and($range->holds(6500.0))
        ->toBeTrue()
        ->and($range->holds(1499.9))
        ->toBeFalse()
        ->and($range->holds(NAN))
        ->toBeFalse()
        ->and($range->otherwise(145.0))
        ->toEqual(['in' => 3683.0])
        ->and($range->otherwise(370.0))
        ->toEqual(['cm' => 3700.0])
        ->and($range->otherwise(3.7))
        ->toEqual(['m' => 3700.0])
        ->and($range->otherwise(2000.0))
        ->toBe([])
        ->and($range->otherwise(-145.0))
        ->toBe([])
        ->and(SizeRange::ofKilograms(20.0, 20_000.0)->otherwise(1.5))
        ->toEqual(['t' => 1500.0])
        ->and(SizeRange::ofKilograms(20.0, 2000.0)->otherwise(3000.0))
        ->toEqualWithDelta(['lb' => 1360.77711], 1e-6);
});

it('expects what its figures say, each other unit once', function (): void {
    expect(RigSize::Wheelbase->range()->expected(145.0)->text())
        ->toBe('size.outside low=1500 high=6500 unit=mm number=145; size.otherwise number=145 other=in is=3683 unit=mm')
        ->and(RigSize::Load->range()->expected(-900.0)->text())
        ->toBe('size.outside low=20 high=20000 unit=kg number=-900');
});

it('has a range for every size, of what rigs have', function (RigSize $size, float $usual): void {
    expect($size->range()->holds($usual))->toBeTrue()->and($size->range()->holds(0.0))->toBeFalse();
})->with([
    [RigSize::Wheelbase, 3700.0],
    [RigSize::Overhang, 1300.0],
    [RigSize::BallToAxle, 4400.0],
    [RigSize::BarArm, 700.0],
    [RigSize::GrossWeight, 2700.0],
    [RigSize::Load, 310.0],
    [RigSize::FenderHeight, 950.0],
    [RigSize::AxleSpacing, 850.0],
    [RigSize::Pitch, 26.0],
]);
