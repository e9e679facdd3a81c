<?php

declare(strict_types=1);

use Yoke\Foundation\Probability\Matrix;
use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\Chances;
use Yoke\Measuring\Estimation\Internal\SharedPrecision;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;

/**
 * Readings alone of the front, so many, then one of the rear: what is their own, and what they share. @return
 * list<Observation>
 */
function sharing(int $front, float $own, float $shared): array
{
    $one = fn (Observed $observed): Observation => new Observation(
        ReadingContext::alone(),
        $observed,
        950.0,
        $own,
        null,
        $shared,
    );

    return [...array_fill(0, $front, $one(Observed::FrontHeight)), $one(Observed::RearHeight)];
}

it('inverts the covariance of readings that share a doubt', function (int $front, float $shared): void {
    $observations = sharing($front, 0.9, $shared);
    $precision = new SharedPrecision($observations);
    $each = $precision->ofEach(array_fill(0, $front + 1, 1.0));
    $covariance = [];
    for ($i = 0; $i <= $front; $i++) {
        for ($j = 0; $j <= $front; $j++) {
            $covariance[$i][$j] =
                ($i === $j ? 0.81 : 0.0) + ($i === $j || ($i < $front && $j < $front) ? $shared ** 2 : 0.0);
        }
    }
    $inverse = Matrix::inverse($covariance);
    $vector = array_map(fn (int $i): float => sin(1.0 + $i), range(0, $front));

    expect($precision->times($vector, $each))
        ->toEqualWithDelta(Matrix::times($inverse, $vector), 1e-9)
        ->and($precision->logDeterminant($each))
        ->toEqualWithDelta(Matrix::logDeterminant($inverse), 1e-9);
})->with([[1, 0.0], [1, 1.1], [2, 1.1], [5, 2.0]]);

it('counts a reading for less by its weight', function (): void {
    $precision = new SharedPrecision(sharing(2, 2.0, 0.0));

    expect($precision->ofEach([1.0, 0.5, 0.0]))->toBe([0.25, 0.125, 0.0]);
});

it('takes a form between two vectors, and the determinant of what it inverts', function (): void {
    $matrix = [[4.0, 1.0], [1.0, 3.0]];

    expect(Matrix::between($matrix, [1.0, 2.0], [3.0, -1.0]))
        ->toEqualWithDelta(4 * 3 + 1 * -1 + 2 * 3 * 1 + 2 * -1 * 3, 1e-12)
        ->and(Matrix::between($matrix, [1.0, 2.0], [1.0, 2.0]))
        ->toEqualWithDelta(Matrix::quadratic($matrix, [1.0, 2.0]), 1e-12)
        ->and(Matrix::logDeterminant($matrix))
        ->toEqualWithDelta(log(11.0), 1e-12);
});

it('mixes numbers and chances over stories', function (): void {
    $mixed = Normal::over([[0.25, Normal::of(0.0, 1.0)], [0.75, Normal::of(4.0, 2.0)]]);
    $chances = Chances::over([[0.25, Chances::ofOutside(0.0, 1.0)], [0.75, Chances::ofOutside(0.4, 0.2)]]);

    expect($mixed->mean())
        ->toBe(3.0)
        ->and($mixed->deviation() ** 2)
        ->toEqualWithDelta(0.25 * (1 + 9) + 0.75 * (4 + 1), 1e-12)
        ->and([$chances->tooLittle, $chances->inRange, $chances->tooMuch])
        ->toEqualWithDelta([0.3, 0.3, 0.4], 1e-12);
});
