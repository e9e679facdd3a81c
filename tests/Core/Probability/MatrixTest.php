<?php

declare(strict_types=1);

use Yoke\Foundation\Probability\Matrix;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\Residual;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Proving\Simulation\SeededSource;

it('inverts what is symmetric and positive', function (int $size): void {
    $random = new SeededSource($size);
    $root = [];
    for ($i = 0; $i < $size; $i++) {
        for ($j = 0; $j < $size; $j++) {
            $root[$i][$j] = $random->normal(1.0) + ($i === $j ? 2.0 : 0.0);
        }
    }
    $matrix = [];
    for ($i = 0; $i < $size; $i++) {
        for ($j = 0; $j < $size; $j++) {
            $matrix[$i][$j] =
                array_sum(array_map(fn (array $row): float => $row[$i] * $row[$j], $root)) + ($i === $j ? 0.1 : 0.0);
        }
    }
    $inverse = Matrix::inverse($matrix);
    for ($i = 0; $i < $size; $i++) {
        $column = array_column($inverse, $i);
        $unit = array_map(fn (int $j): float => $i === $j ? 1.0 : 0.0, range(0, $size - 1));
        expect(Matrix::times($matrix, $column))
            ->toEqualWithDelta($unit, 1e-8)
            ->and(Matrix::quadratic($matrix, $column))
            ->toEqualWithDelta($inverse[$i][$i], 1e-8);
    }
})->with([1, 2, 5, 9, 11]);

it('names the slip that fits', function (float $off, float $deviation, ReadingError $slip): void {
    $reading = new Residual(
        new Observation(ReadingContext::alone(), Observed::FrontHeight, 950.0, 1.0),
        $off,
        $deviation,
    );

    expect(ReadingError::likeliest($reading))
        ->toBe($slip)
        ->and(ReadingError::likeliest(new Residual($reading->observation, -$off, $deviation)))
        ->toBe($slip);
})->with([
    'a quarter inch' => [6.1, 1.2, ReadingError::QuarterInch],
    'half an inch' => [12.2, 1.5, ReadingError::HalfInch],
    'an inch' => [25.9, 2.0, ReadingError::WholeInch],
    'ten millimetres' => [9.6, 1.2, ReadingError::TenMillimetres],
    'an eighth, pinned down' => [3.3, 0.8, ReadingError::EighthInch],
    'an eighth, not pinned down' => [4.9, 1.3, ReadingError::QuarterInch],
    'nothing of the kind' => [18.5, 1.2, ReadingError::Unsettled],
]);
