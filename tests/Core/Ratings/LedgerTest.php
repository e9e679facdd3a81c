<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Estimation\AxleGroup;
use Yoke\Ratings\Ledger;
use Yoke\Ratings\RatedLoad;
use Yoke\Ratings\Weighed;
use Yoke\Units\Load;
use Yoke\Units\LoadUnit;
use Yoke\Units\Term;

/** @return array<string, RatedLoad> by what they are of */
function ledger(array $ratings, array $alone = [], ?float $share = null, int $axles = 1, ?AxleGroup $group = null): array
{
    $kilograms = fn (float $amount): Load => Load::ofKilograms($amount);
    $rig = Priors::rig(axles: $group)->likelyRig();
    $attitude = $share === null ? $rig->dropped() : $rig->carried($rig->tensionFor($share));
    $weighed = array_map($kilograms, $alone);
    $ledger = new Ledger(array_map($kilograms, $ratings), new Weighed($weighed['front_axle'] ?? null, $weighed['rear_axle'] ?? null, $weighed['aboard'] ?? null, $axles));
    $lines = $ledger->lines($attitude, $share === null ? 'dropped' : 'carried', 2);

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

it('shares a group between its axles: alike on equalisers, by their springs where each has its own', function (?float $share): void {
    $name = $share === null ? 'dropped' : 'carried';
    $axle = fn (int $which, ?AxleGroup $group): float => ledger(['one_axle_gawr' => 1400], [], $share, 2, $group)["trailer axle {$which} of 2, {$name}"]->carries->kilograms();
    $all = fn (?AxleGroup $group): float => ledger([], [], $share, 2, $group)["trailer axles, {$name}"]->carries->kilograms();
    $own = AxleGroup::unequalised(2, 860.0);

    expect($axle(1, null))->toEqualWithDelta($axle(2, null), 1e-9)
        ->and($axle(1, null) + $axle(2, null))->toEqualWithDelta($all(null), 1e-9)
        ->and($axle(1, $own) + $axle(2, $own))->toEqualWithDelta($all($own), 1e-6)
        ->and($axle(1, $own) - $axle(2, $own))->not->toEqualWithDelta(0.0, 5.0);
})->with(['dropped' => null, 'carried' => 0.75]);

it('loads a tyre with half of the heaviest axle it stands on', function (): void {
    $lines = ledger(['trailer_tyre' => 700, 'front_tyre' => 900], ['front_axle' => 1420, 'rear_axle' => 1180], null, 2, AxleGroup::unequalised(2, 860.0));
    $axles = [$lines['trailer axle 1 of 2, dropped'], $lines['trailer axle 2 of 2, dropped']];

    expect($lines['one trailer tyre, dropped']->carries->kilograms())->toEqualWithDelta(max(array_map(fn (RatedLoad $axle): float => $axle->carries->kilograms(), $axles)) / 2, 1e-9)
        ->and($lines['one trailer tyre, dropped']->isOutside())->toBeTrue()
        ->and($lines['one front tyre, dropped']->carries->kilograms())->toEqualWithDelta($lines['front axle, dropped']->carries->kilograms() / 2, 1e-9);
});

it('counts the payload from what is aboard, or from what the vehicle weighs over its empty weight', function (array $ratings, array $alone, ?float $aboard): void {
    $line = ledger($ratings, $alone)['payload, dropped'] ?? null;
    $dropped = Priors::rig()->likelyRig()->dropped()->load;

    expect($line?->carries->kilograms())->toEqualWithDelta($aboard === null ? null : $aboard + $dropped, 1e-9);
})->with([
    'counted' => [['payload' => 760], ['aboard' => 190], 190.0],
    'weighed' => [['payload' => 760, 'vehicle_gvwr' => 3310], ['front_axle' => 1460, 'rear_axle' => 1290], 200.0],
    'counted wins' => [['payload' => 760, 'vehicle_gvwr' => 3310], ['front_axle' => 1460, 'rear_axle' => 1290, 'aboard' => 240], 240.0],
    'neither' => [['payload' => 760], [], null],
]);

it('opens every predicted load to terms that add up to it', function (?float $share): void {
    $alone = ['front_axle' => 1420, 'rear_axle' => 1180, 'aboard' => 200];
    $added = ['front axle', 'rear axle', 'vehicle', 'trailer axles', 'payload'];
    foreach (ledger([], $alone, $share, 2) as $line) {
        if (in_array(strtok($line->what, ','), $added, true)) {
            $sum = array_sum(array_map(fn (Term $term): float => $term->comesTo->kilograms(), $line->terms));
            expect($sum)->toEqualWithDelta($line->carries->kilograms(), 1e-6, $line->what)->and(count($line->terms))->toBeGreaterThan(1);
        }
    }
})->with(['dropped' => null, 'carried' => 0.75]);
