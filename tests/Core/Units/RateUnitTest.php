<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Exception\UnreadableQuantity;
use Yoke\Foundation\Units\RateUnit;

it('reads the rate of a spring in either unit, a bare number in its own', function (
    RateUnit $unit,
    string $typed,
    float $kilogramsPerMillimetre,
): void {
    expect($unit->parse($typed))->toEqualWithDelta($kilogramsPerMillimetre, 1e-3);
})->with([
    'metric, bare' => [RateUnit::KilogramPerMillimetre, '5.9', 5.9],
    'metric, with its unit' => [RateUnit::PoundPerInch, '5,9 kg/mm', 5.9],
    'pounds, bare' => [RateUnit::PoundPerInch, '330', 5.893],
    'pounds, with their unit' => [RateUnit::KilogramPerMillimetre, '330 lb/in', 5.893],
    'without the stroke' => [RateUnit::KilogramPerMillimetre, '330lbin', 5.893],
]);

it('refuses what is no rate', function (string $typed): void {
    RateUnit::PoundPerInch->parse($typed);
})
    ->with(['', 'stiff', '-5', '5 kg', '5 lb', '5/6 lb/in', '5 lb/in/in', '1e9'])
    ->throws(UnreadableQuantity::class, 'quantity.rate');

it('prints what it reads, to three figures, in both units', function (): void {
    expect(RateUnit::PoundPerInch->nearest(5.9))
        ->toBe('330 lb/in')
        ->and(RateUnit::KilogramPerMillimetre->nearest(5.9))
        ->toBe('5.9 kg/mm');
    foreach ([0.2, 1.0, 3.37, 5.9, 12.4, 39.9] as $rate) {
        foreach (RateUnit::cases() as $unit) {
            expect($unit->parse($unit->nearest($rate)))
                ->toEqualWithDelta($rate, 0.005 * $rate)
                ->and($unit->parse(sprintf('%.4f', $unit->of($rate))))
                ->toEqualWithDelta($rate, 1e-3);
        }
    }
});
