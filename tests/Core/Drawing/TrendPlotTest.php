<?php

declare(strict_types=1);

use Yoke\Foundation\Probability\Normal;
use Yoke\Showing\Drawing\Plot\TrendPlot;

it('keeps every value and its doubt inside the plot, in order, the higher the nearer the top', function (
    array $values,
): void {
    $plot = new TrendPlot(array_map(static fn (float $mean): Normal => Normal::of($mean, 2.0), $values));
    $points = $plot->points();
    foreach ($plot->whiskers() as $i => $whisker) {
        [$high, $low] = [$whisker->high, $whisker->low];
        expect($high->y)
            ->toBeGreaterThanOrEqual(0.0)
            ->toBeLessThan($points[$i]->y)
            ->and($low->y)
            ->toBeLessThanOrEqual(100.0)
            ->toBeGreaterThan($points[$i]->y)
            ->and($points[$i]->x)
            ->toBeGreaterThan($i === 0 ? 0.0 : $points[$i - 1]->x)
            ->toBeLessThan(100.0);
    }
    foreach ($values as $i => $value) {
        foreach ($values as $k => $other) {
            expect($value > $other)->toBe($points[$i]->y < $points[$k]->y);
        }
    }
})->with([
    'rising' => [[1.0, 5.0, 90.0]],
    'one alone' => [[7.0]],
    'alike' => [[3.0, 3.0]],
    'below zero' => [[-40.0, 12.0, -3.0, 8.5]],
]);
