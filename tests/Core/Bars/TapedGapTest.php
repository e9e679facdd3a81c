<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Bars\Exception\ImpossibleHeights;
use Yoke\Measuring\Bars\HeightsCaution;
use Yoke\Measuring\Bars\TapedGap;

it('is bent by what the loosest setting leaves free of the gap', function (
    float $gap,
    float $loosest,
    float $bend,
): void {
    expect(
        TapedGap::of(Length::ofMillimetres($gap), Length::ofMillimetres($loosest))->bendAtLoosest()->millimetres(),
    )->toBe($bend);
})->with([
    'tight' => [310.0, 290.0, 20.0],
    'slack' => [250.0, 290.0, -40.0],
    'just taut' => [290.0, 290.0, 0.0],
    'a ledge at the frame' => [60.0, 0.0, 60.0],
]);

it('refuses gaps that cannot be, and names the field', function (float $gap, float $loosest, string $field): void {
    try {
        TapedGap::of(Length::ofMillimetres($gap), Length::ofMillimetres($loosest));
        expect(false)->toBeTrue('It is refused.');
    } catch (ImpossibleHeights $impossible) {
        expect($impossible->field())->toBe($field)->and($impossible->expected()->key)->toBe('bars.gap');
    }
})->with([
    'no gap' => [0.0, 290.0, 'gap'],
    'below nothing' => [-5.0, 290.0, 'gap'],
    'a metre' => [1000.0, 290.0, 'gap'],
    'a chain upwards' => [300.0, -1.0, 'loosest'],
    'a long chain' => [300.0, 801.0, 'loosest'],
]);

it('doubts a bend that no hitch forces', function (float $gap, float $loosest, array $cautions): void {
    expect(TapedGap::of(Length::ofMillimetres($gap), Length::ofMillimetres($loosest))->cautions())->toBe($cautions);
})->with([
    'usual' => [280.0, 290.0, []],
    'at the limit of slack' => [100.0, 300.0, []],
    'far too slack' => [99.0, 300.0, [HeightsCaution::FarTooSlack]],
    'at the limit of tight' => [300.0, 150.0, []],
    'far too tight' => [301.0, 150.0, [HeightsCaution::FarTooTight]],
]);
