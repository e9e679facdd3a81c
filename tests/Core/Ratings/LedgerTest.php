<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Judgement\Ratings\Ledger;
use Yoke\Judgement\Ratings\LoadedAxle;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Judgement\Ratings\Weighed;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Rig\Parts\Stance;

/** @return array<string, RatedLoad> by what they are of */
function ledger(
    array $ratings,
    array $alone = [],
    ?float $share = null,
    int $axles = 1,
    ?AxleGroup $group = null,
): array {
    $kilograms = fn (float $amount): Load => Load::ofKilograms($amount);
    $rig = Priors::rig(axles: $group)->likelyRig();
    $attitude = $share === null ? $rig->dropped() : $rig->carried($rig->tensionFor($share));
    $weighed = array_map($kilograms, $alone);
    $ledger = new Ledger(
        array_map($kilograms, $ratings),
        new Weighed($weighed['front_axle'] ?? null, $weighed['rear_axle'] ?? null, $weighed['aboard'] ?? null, $axles),
    );
    $lines = $ledger->lines($attitude, $share === null ? Stance::Dropped : Stance::Carried, 2);

    return array_combine(array_map(fn (RatedLoad $line): string => $line->key(), $lines), $lines);
}

it('gives each rating its margin and names what is over', function (): void {
    $lines = ledger(['ball_gross' => 3500, 'coupler_tongue' => 400, 'trailer_gvwr' => 3180]);

    expect($lines['ball_gross']->margin()?->kilograms())
        ->toEqualWithDelta(320.0, 1e-9)
        ->and($lines['ball_gross']->isOutside())
        ->toBeFalse()
        ->and($lines['coupler_tongue']->isOutside())
        ->toBeTrue()
        ->and($lines['trailer']->margin()?->kilograms())
        ->toEqualWithDelta(0.0, 1e-9)
        ->and($lines['trailer']->isOutside())
        ->toBeFalse();
});

it('says when bars are too stiff for the tongue', function (): void {
    $light = ledger(['bar_rating_low' => 450, 'coupler_tongue' => 400]);
    $fit = ledger(['bar_rating_low' => 300, 'coupler_tongue' => 500]);

    expect($light['bars_lightest_tongue']->isOutside())
        ->toBeTrue()
        ->and($light['bars_lightest_tongue']->isLeast())
        ->toBeTrue()
        ->and($light['coupler_tongue']->isOutside())
        ->toBeTrue()
        ->and($light['coupler_tongue']->isLeast())
        ->toBeFalse()
        ->and($fit['bars_lightest_tongue']->margin()?->kilograms())
        ->toEqualWithDelta(102.0, 1e-9)
        ->and($fit['coupler_tongue']->isOutside())
        ->toBeFalse()
        ->and($light['trailer']->isOutside())
        ->toBeFalse();
});

it('says which field would tell what is not known, and refuses nothing', function (): void {
    $line = ledger([])['trailer'];

    expect($line->margin())
        ->toBeNull()
        ->and($line->isOutside())
        ->toBeFalse()
        ->and($line->unlockedBy)
        ->toBe('trailer_gvwr')
        ->and(array_keys(ledger([])))
        ->not->toContain('front_axle.dropped');
});

it('takes the receiver\'s other rating where bars distribute', function (): void {
    $ratings = ['receiver_carrying' => 270, 'receiver_distributing' => 540];

    expect(ledger($ratings)['receiver_tongue.dropped']->isOutside())
        ->toBeTrue()
        ->and(ledger($ratings, share: 0.75)['receiver_tongue.carried']->isOutside())
        ->toBeFalse();
});

it('adds what coupling brings to axles that were weighed, and loses nothing', function (?float $share): void {
    $lines = ledger(
        ['front_gawr' => 1700, 'rear_gawr' => 1900, 'vehicle_gvwr' => 3400, 'gcwr' => 6000],
        ['front_axle' => 1420, 'rear_axle' => 1180],
        $share,
    );
    $name = $share === null ? 'dropped' : 'carried';
    $sum = $lines["front_axle.{$name}"]->carries
        ->plus($lines["rear_axle.{$name}"]->carries)
        ->plus($lines["trailer_axles.{$name}"]->carries);

    expect($sum->kilograms())
        ->toEqualWithDelta($lines['combination']->carries->kilograms(), 1e-6)
        ->and($lines["front_axle.{$name}"]->carries->kilograms())
        ->toBeLessThan(1420.0)
        ->and($lines["front_against_alone.{$name}"]->isOutside())
        ->toBeFalse();
})->with(['dropped' => null, 'carried' => 0.75]);

it('never lets the front axle pass its alone load unsaid', function (): void {
    expect(
        ledger([], ['front_axle' => 1420, 'rear_axle' => 1180], 1.2)['front_against_alone.carried']->isOutside(),
    )->toBeTrue();
});

it('shares a group between its axles: alike on equalisers, by their springs where each has its own', function (
    ?float $share,
): void {
    $name = $share === null ? 'dropped' : 'carried';
    $axle = fn (int $which, ?AxleGroup $group): float => ledger(['one_axle_gawr' => 1400], [], $share, 2, $group)[
        "one_trailer_axle.{$which}.{$name}"
    ]->carries->kilograms();
    $all = fn (?AxleGroup $group): float => ledger([], [], $share, 2, $group)[
        "trailer_axles.{$name}"
    ]->carries->kilograms();
    $own = AxleGroup::unequalised(2, 860.0);

    expect($axle(1, null))
        ->toEqualWithDelta($axle(2, null), 1e-9)
        ->and($axle(1, null) + $axle(2, null))
        ->toEqualWithDelta($all(null), 1e-9)
        ->and($axle(1, $own) + $axle(2, $own))
        ->toEqualWithDelta($all($own), 1e-6)
        ->and($axle(1, $own) - $axle(2, $own))
        ->not->toEqualWithDelta(0.0, 5.0);
})->with(['dropped' => null, 'carried' => 0.75]);

it('loads a tyre with half of the heaviest axle it stands on', function (): void {
    $lines = ledger(
        ['trailer_tyre' => 700, 'front_tyre' => 900],
        ['front_axle' => 1420, 'rear_axle' => 1180],
        null,
        2,
        AxleGroup::unequalised(2, 860.0),
    );
    $axles = [$lines['one_trailer_axle.1.dropped'], $lines['one_trailer_axle.2.dropped']];

    expect($lines['trailer_tyre.dropped']->carries->kilograms())
        ->toEqualWithDelta(max(array_map(fn (RatedLoad $axle): float => $axle->carries->kilograms(), $axles)) / 2, 1e-9)
        ->and($lines['trailer_tyre.dropped']->isOutside())
        ->toBeTrue()
        ->and($lines['front_tyre.dropped']->carries->kilograms())
        ->toEqualWithDelta($lines['front_axle.dropped']->carries->kilograms() / 2, 1e-9);
});

it('counts the payload from what is aboard, or from what the vehicle weighs over its empty weight', function (
    array $ratings,
    array $alone,
    ?float $aboard,
): void {
    $line = ledger($ratings, $alone)['payload.dropped'] ?? null;
    $dropped = Priors::rig()->likelyRig()->dropped()->load;

    expect($line?->carries->kilograms())->toEqualWithDelta($aboard === null ? null : $aboard + $dropped, 1e-9);
})->with([
    'counted' => [['payload' => 760], ['aboard' => 190], 190.0],
    'weighed' => [['payload' => 760, 'vehicle_gvwr' => 3310], ['front_axle' => 1460, 'rear_axle' => 1290], 200.0],
    'counted wins' => [
        ['payload' => 760, 'vehicle_gvwr' => 3310],
        ['front_axle' => 1460, 'rear_axle' => 1290, 'aboard' => 240],
        240.0,
    ],
    'neither' => [['payload' => 760], [], null],
]);

it('opens every predicted load to terms that add up to it', function (?float $share): void {
    $alone = ['front_axle' => 1420, 'rear_axle' => 1180, 'aboard' => 200];
    $added = ['front_axle', 'rear_axle', 'vehicle', 'trailer_axles', 'payload'];
    foreach (ledger([], $alone, $share, 2) as $line) {
        if (in_array($line->part->value, $added, true)) {
            $sum = array_sum(array_map(fn (Term $term): float => $term->comesTo->kilograms(), $line->terms));
            expect($sum)
                ->toEqualWithDelta($line->carries->kilograms(), 1e-6, $line->key())
                ->and(count($line->terms))
                ->toBeGreaterThan(1);
        }
    }
})->with(['dropped' => null, 'carried' => 0.75]);

it('holds each line to the rating of its own field, and counts it over from just above', function (
    string $line,
    string $field,
    ?float $share,
    float $slack,
): void {
    $alone = ['front_axle' => 1420, 'rear_axle' => 1180, 'aboard' => 200];
    $carries = ledger([], $alone, $share, 2)[$line]->carries->kilograms();
    foreach ([[-0.5, true], [0.5, false]] as [$over, $isOutside]) {
        $rated = ledger([$field => $carries + $over], $alone, $share, 2)[$line];
        expect($rated->isOutside())
            ->toBe($slack > 0 ? $isOutside : ! $isOutside)
            ->and($rated->margin()?->kilograms())
            ->toEqualWithDelta($slack * $over, 1e-6)
            ->and($rated->unlockedBy)
            ->toBe($field);
    }
})->with([
    'ball' => ['ball_gross', 'ball_gross', null, 1],
    'coupler, gross' => ['coupler_gross', 'coupler_gross', null, 1],
    'coupler, tongue' => ['coupler_tongue', 'coupler_tongue', null, 1],
    'receiver, carrying' => ['receiver_tongue.dropped', 'receiver_carrying', null, 1],
    'receiver, distributing' => ['receiver_tongue.carried', 'receiver_distributing', 0.75, 1],
    'receiver, distributing with hardly any tension' => ['receiver_tongue.carried', 'receiver_distributing', 0.002, 1],
    'bars, heaviest tongue' => ['bars_heaviest_tongue', 'bar_rating_high', null, 1],
    'bars, lightest tongue' => ['bars_lightest_tongue', 'bar_rating_low', null, -1],
    'one bar' => ['one_bar.carried', 'bar_rating_high', 0.75, 1],
    'trailer' => ['trailer', 'trailer_gvwr', null, 1],
    'trailer_axles' => ['trailer_axles.carried', 'trailer_gawr', 0.75, 1],
    'one trailer axle' => ['one_trailer_axle.2.carried', 'one_axle_gawr', 0.75, 1],
    'trailer tyre' => ['trailer_tyre.carried', 'trailer_tyre', 0.75, 1],
    'front_axle' => ['front_axle.carried', 'front_gawr', 0.75, 1],
    'rear_axle' => ['rear_axle.dropped', 'rear_gawr', null, 1],
    'front tyre' => ['front_tyre.carried', 'front_tyre', 0.75, 1],
    'rear tyre' => ['rear_tyre.dropped', 'rear_tyre', null, 1],
    'vehicle' => ['vehicle.dropped', 'vehicle_gvwr', null, 1],
    'combination' => ['combination', 'gcwr', null, 1],
    'payload' => ['payload.dropped', 'payload', null, 1],
]);

it('opens an axle\'s load to what coupling and bars do to that axle', function (): void {
    $rig = Priors::rig()->likelyRig();
    $carried = $rig->carried($rig->tensionFor(0.75));
    $lines = ledger([], ['front_axle' => 1420, 'rear_axle' => 1180], 0.75);
    $does = fn (string $line): array => array_map(
        fn (Term $term): float => $term->comesTo->kilograms(),
        $lines[$line]->terms,
    );

    expect($does('front_axle.carried'))
        ->toEqualWithDelta(
            [1420.0, $rig->dropped()->frontLoad()->kilograms(), $carried->frontLoad()->kilograms() - $rig->dropped()->frontLoad()->kilograms()],
            1e-6,
        )
        ->and($does('rear_axle.carried'))
        ->toEqualWithDelta(
            [1180.0, $rig->dropped()->rearLoad()->kilograms(), $carried->rearLoad()->kilograms() - $rig->dropped()->rearLoad()->kilograms()],
            1e-6,
        )
        ->and($does('vehicle.carried'))
        ->toEqualWithDelta(
            [$lines['front_axle.carried']->carries->kilograms(), $lines['rear_axle.carried']->carries->kilograms()],
            1e-6,
        )
        ->and($does('one_bar.carried'))
        ->toEqualWithDelta([$carried->barLoad()->kilograms()], 1e-6)
        ->and($lines['one_bar.carried']->carries->kilograms())
        ->toEqualWithDelta($carried->barLoad()->kilograms() / 2, 1e-6);
});

it('says nothing of axles unless both were weighed, nor of single axles where there is one', function (): void {
    expect(array_keys(ledger([], ['front_axle' => 1420])))
        ->not->toContain('front_axle.dropped', 'vehicle.dropped')
        ->and(array_keys(ledger([], ['rear_axle' => 1180])))
        ->not->toContain('rear_axle.dropped', 'combination')
        ->and(
            array_filter(
                array_keys(ledger([], [], null, 1)),
                fn (string $line): bool => str_starts_with($line, 'one_trailer_axle.'),
            ),
        )
        ->toBe([]);
});

it('names the axles that bars overload, each by its own rating, and the heaviest of a group', function (): void {
    $rig = Priors::rig(axles: AxleGroup::unequalised(2, 860.0))->likelyRig();
    $carried = $rig->carried($rig->tensionFor(0.9));
    $over = fn (array $ratings, array $weighed = ['front' => 1420.0]): array => (new Ledger(
        array_map(Load::ofKilograms(...), $ratings),
        new Weighed(isset($weighed['front']) ? Load::ofKilograms($weighed['front']) : null, null, null, 2),
    ))->axlesOver($carried);
    $front = 1420.0 + $carried->frontLoad()->kilograms();
    $group = $rig->trailer()->weight - $carried->load;
    $heaviest = max($carried->trailerAxleLoads());

    expect($over([]))
        ->toBe([])
        ->and($over(['front_gawr' => $front - 0.01]))
        ->toBe([LoadedAxle::Front])
        ->and($over(['front_gawr' => $front]))
        ->toBe([])
        ->and($over(['front_gawr' => 1.0], []))
        ->toBe([])
        ->and($over(['trailer_gawr' => $group - 0.01]))
        ->toBe([LoadedAxle::Trailer])
        ->and($over(['trailer_gawr' => $group + 0.01]))
        ->toBe([])
        ->and($over(['one_axle_gawr' => $heaviest - 0.01]))
        ->toBe([LoadedAxle::OneOfTheTrailer])
        ->and($over(['one_axle_gawr' => $heaviest + 0.01]))
        ->toBe([])
        ->and(min($carried->trailerAxleLoads()))
        ->toBeLessThan($heaviest - 1.0);
});
