<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Mechanics\Statics\LevellingLoss;

it('takes restored share back once the rear is levelled, and says both', function (): void {
    $off = Priors::rig()->likelyRig();
    $tension = $off->tensionFor(0.95);
    $loss = LevellingLoss::ofTheRear();

    expect($loss->lost($off, $tension))->toBeGreaterThan(0.10)
        ->and($loss->left($off, $tension) + $loss->lost($off, $tension))->toEqualWithDelta(0.95, 1e-9)
        ->and($loss->left($off, $tension))->toEqualWithDelta($loss->on($off)->carried($tension)->frontRestored(), 1e-12)
        ->and($loss->on($off)->carried($tension)->rearRise()->millimetres())->toEqualWithDelta(0.0, 1e-9)
        ->and($loss->on($off)->carried($tension)->frontRise()->millimetres())->not->toEqualWithDelta(0.0, 0.5);
});

it('holds both fenders where all corners are levelled', function (): void {
    $off = Priors::rig()->likelyRig();
    $on = LevellingLoss::ofAllCorners()->on($off)->carried($off->tensionFor(0.8));

    expect($on->frontRise()->millimetres())->toEqualWithDelta(0.0, 1e-9)->and($on->rearRise()->millimetres())->toEqualWithDelta(0.0, 1e-9);
});

it('takes the more back the stiffer and higher the air is', function (): void {
    $off = Priors::rig()->likelyRig();
    $tension = $off->tensionFor(0.9);
    $lost = fn (float $rate, float $lift): float => LevellingLoss::ofAir($rate, $lift)->lost($off, $tension);

    expect($lost(0.0, 0.0))->toEqualWithDelta(0.0, 1e-12)
        ->and($lost(3.0, 0.0))->toBeGreaterThan(0.0)
        ->and($lost(6.0, 0.0))->toBeGreaterThan($lost(3.0, 0.0))
        ->and($lost(3.0, 15.0))->toBeGreaterThan($lost(3.0, 0.0))
        ->and($lost(-3.0, 0.0))->toEqualWithDelta(0.0, 1e-12);
});
