<?php

declare(strict_types=1);

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Showing\Drawing\ShareScale;

it('lays the share with one deviation either side on a scale that ends past full return', function (): void {
    $scale = new ShareScale(TargetRange::of(0.5, 1.0), Normal::of(0.75, 0.15));

    expect($scale->range())->toBe(['from' => 33.33, 'to' => 66.67])
        ->and($scale->fullReturn())->toBe(66.67)
        ->and($scale->stands())->toBe(['at' => 50.0, 'from' => 40.0, 'to' => 60.0])
        ->and(array_column($scale->ticks(), 'at'))->toBe([0.0, 33.33, 66.67, 100.0]);
});

it('keeps what lies past either end on the scale', function (float $share, array $stands): void {
    expect((new ShareScale(TargetRange::usual(), Normal::of($share, 0.3)))->stands())->toBe($stands);
})->with([
    'far over' => [2.4, ['at' => 100.0, 'from' => 100.0, 'to' => 100.0]],
    'below nothing' => [-0.1, ['at' => 0.0, 'from' => 0.0, 'to' => 13.33]],
]);

it('stands nowhere while nothing is measured', function (): void {
    expect((new ShareScale(TargetRange::usual(), null))->stands())->toBeNull();
});
