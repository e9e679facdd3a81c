<?php

declare(strict_types=1);

use Tests\Core\Fit\Priors;
use Yoke\Limits\Ledger;
use Yoke\Limits\RatedLoad;
use Yoke\Measure\Load;
use Yoke\Measure\LoadUnit;

/** @return array<string, RatedLoad> by what they are of */
function ledger(array $ratings, array $alone = [], ?float $share = null): array
{
    $kilograms = fn (float $amount): Load => Load::ofKilograms($amount);
    $rig = Priors::rig()->likelyRig();
    $attitude = $share === null ? $rig->dropped() : $rig->carried($rig->tensionFor($share));
    $lines = (new Ledger(array_map($kilograms, $ratings), array_map($kilograms, $alone)))->lines($attitude, $share === null ? 'dropped' : 'carried', 2);

    return array_combine(array_map(fn (RatedLoad $line): string => $line->what, $lines), $lines);
}

it('gives each rating its margin and names what is over', function (): void {
    $lines = ledger(['ball_gross' => 3500, 'coupler_tongue' => 400, 'trailer_gvwr' => 3180]);

    expect($lines['gross trailer weight on the ball']->margin()?->kilograms())->toEqualWithDelta(320.0, 1e-9)
        ->and($lines['gross trailer weight on the ball']->isOutside())->toBeFalse()
        ->and($lines['tongue weight on the coupler']->isOutside())->toBeTrue()
        ->and($lines['trailer, gross']->margin()?->kilograms())->toEqualWithDelta(0.0, 1e-9)
        ->and($lines['trailer, gross']->isOutside())->toBeFalse();
});

it('says when bars are too stiff for the tongue, and complains in the unit asked for', function (): void {
    $light = ledger(['bar_rating_low' => 450, 'coupler_tongue' => 400]);
    $fit = ledger(['bar_rating_low' => 300, 'coupler_tongue' => 500]);

    expect($light['tongue weight for bars so stiff']->isOutside())->toBeTrue()
        ->and($light['tongue weight for bars so stiff']->complaint(LoadUnit::Kilogram))->toBe('Below its range: tongue weight for bars so stiff, 402 kg of 450 kg.')
        ->and($light['tongue weight on the coupler']->complaint(LoadUnit::Pound))->toBe('Over its rating: tongue weight on the coupler, 886 lb of 882 lb.')
        ->and($fit['tongue weight for bars so stiff']->margin()?->kilograms())->toEqualWithDelta(102.0, 1e-9)
        ->and($fit['tongue weight on the coupler']->complaint(LoadUnit::Pound))->toBe('')
        ->and($light['trailer, gross']->complaint(LoadUnit::Pound))->toBe('');
});

it('says which field would tell what is not known, and refuses nothing', function (): void {
    $line = ledger([])['trailer, gross'];

    expect($line->margin())->toBeNull()->and($line->isOutside())->toBeFalse()->and($line->unlockedBy)->toBe('trailer_gvwr')
        ->and(array_keys(ledger([])))->not->toContain('front axle, dropped');
});

it('takes the receiver\'s other rating where bars distribute', function (): void {
    $ratings = ['receiver_carrying' => 270, 'receiver_distributing' => 540];

    expect(ledger($ratings)['tongue weight on the receiver, dropped']->isOutside())->toBeTrue()
        ->and(ledger($ratings, share: 0.75)['tongue weight on the receiver, carried']->isOutside())->toBeFalse();
});

it('adds what coupling brings to axles that were weighed, and loses nothing', function (?float $share): void {
    $lines = ledger(['front_gawr' => 1700, 'rear_gawr' => 1900, 'vehicle_gvwr' => 3400, 'gcwr' => 6000], ['front_axle' => 1420, 'rear_axle' => 1180], $share);
    $name = $share === null ? 'dropped' : 'carried';
    $sum = $lines["front axle, {$name}"]->carries->plus($lines["rear axle, {$name}"]->carries)->plus($lines["trailer axles, {$name}"]->carries);

    expect($sum->kilograms())->toEqualWithDelta($lines['combination']->carries->kilograms(), 1e-6)
        ->and($lines["front axle, {$name}"]->carries->kilograms())->toBeLessThan(1420.0)
        ->and($lines["front axle against alone, {$name}"]->isOutside())->toBeFalse();
})->with(['dropped' => null, 'carried' => 0.75]);

it('never lets the front axle pass its alone load unsaid', function (): void {
    expect(ledger([], ['front_axle' => 1420, 'rear_axle' => 1180], 1.2)['front axle against alone, carried']->isOutside())->toBeTrue();
});
