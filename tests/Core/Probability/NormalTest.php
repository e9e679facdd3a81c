<?php

declare(strict_types=1);

use Yoke\Foundation\Probability\Normal;

it('knows the normal distribution', function (float $z, float $chance): void {
    expect(Normal::of(0, 1)->chanceBelow($z))->toEqualWithDelta($chance, 1e-12);
})->with([
    'the middle' => [0.0, 0.5],
    'one deviation' => [1.0, 0.841344746068543],
    'one below' => [-1.0, 0.158655253931457],
    'the usual 95 %' => [1.959963984540054, 0.975],
    'where series and fraction meet' => [3.0, 0.998650101968370],
    'far out' => [-6.0, 9.86587645037698e-10],
]);

it('is a plain number when there is no doubt', function (): void {
    $exact = Normal::of(3.0, 0.0);

    expect($exact->chanceBelow(2.9))->toBe(0.0)
        ->and($exact->chanceBelow(3.1))->toBe(1.0);
});
