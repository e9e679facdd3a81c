<?php

declare(strict_types=1);

use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Judgement\Ratings\RigRatings;
use Yoke\Measuring\Readings\Weighing\PlatformLoad;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\SpecificationSheet;

/** What may be, by the field that says it: each rating another number, so that none is taken for its neighbour. */
const RATED = [
    'vehicle' => [
        'front_gawr' => 1501,
        'rear_gawr' => 1702,
        'vehicle_gvwr' => 3003,
        'gcwr' => 5804,
        'payload' => 705,
        'front_tyre' => 906,
        'rear_tyre' => 907,
        'receiver_carrying' => 308,
        'receiver_distributing' => 609,
    ],
    'trailer' => [
        'trailer_gvwr' => 3210,
        'trailer_gawr' => 2711,
        'one_axle_gawr' => 1512,
        'trailer_tyre' => 813,
        'coupler_gross' => 3514,
        'coupler_tongue' => 415,
    ],
    'hitch' => ['bar_rating_low' => 316, 'bar_rating_high' => 517, 'ball_gross' => 3518],
];

function ratings(array $weighed = []): RigRatings
{
    $values = fn (string $part): SpecificationSheet => new SpecificationSheet([
        ...array_combine(array_map(fn (string $field): string => "{$field}_kg", array_keys(RATED[$part])), RATED[$part]),
        ...$part === 'vehicle' ? $weighed : [],
    ]);

    return new RigRatings($values('vehicle'), $values('trailer'), $values('hitch'), Described::rig());
}

it('takes each rating from its own placard', function (): void {
    $rig = Tests\Core\Estimation\Priors::rig()->likelyRig();
    $ledger = ratings(['front_axle_kg' => 1420, 'rear_axle_kg' => 1180, 'aboard_kg' => 200])->ledger();
    $may = [];
    foreach (
        [
            ...$ledger->lines($rig->dropped(), Stance::Dropped, 2),
            ...$ledger->lines($rig->carried($rig->tensionFor(0.75)), Stance::Carried, 2),
        ] as $line
    ) {
        $may[$line->unlockedBy] = $line->may?->kilograms();
    }
    foreach (
        array_diff_key([...RATED['vehicle'], ...RATED['trailer'], ...RATED['hitch']], ['one_axle_gawr' => 0]) as $field => $rating
    ) {
        expect($may[$field] ?? null)->toEqual($rating, $field);
    }
});

it('holds a ticket to what each axle, the vehicle and the combination may weigh', function (): void {
    $load = Load::ofKilograms(...);
    $platforms = array_map(
        fn (WeighedAxle $axle, float $kilograms): PlatformLoad => new PlatformLoad([$axle], $load($kilograms)),
        WeighedAxle::cases(),
        [1320.0, 1720.0, 2700.0],
    );
    $ticket = Ticket::of(Stance::Dropped, $platforms, null, $load(10.0));
    $lines = array_map(
        fn (RatedLoad $line): array => [
            $line->key(),
            $line->carries->kilograms(),
            $line->may?->kilograms(),
            $line->unlockedBy,
            $line->isOutside(),
        ],
        ratings()->ofTicket($ticket),
    );

    expect($lines)->toEqual([
        ['front_axle.dropped', 1320.0, 1501.0, 'front_gawr', false],
        ['rear_axle.dropped', 1720.0, 1702.0, 'rear_gawr', true],
        ['front_tyre.dropped', 660.0, 906.0, 'front_tyre', false],
        ['rear_tyre.dropped', 860.0, 907.0, 'rear_tyre', false],
        ['vehicle.dropped', 3040.0, 3003.0, 'vehicle_gvwr', true],
        ['trailer_axles.dropped', 2700.0, 2711.0, 'trailer_gawr', false],
        ['combination', 5740.0, 5804.0, 'gcwr', false],
    ]);
    $alone = Ticket::of(Stance::Alone, array_slice($platforms, 0, 2), null, $load(10.0));
    expect(array_map(fn (RatedLoad $line): string => $line->key(), ratings()->ofTicket($alone)))->toBe([
        'front_axle.alone',
        'rear_axle.alone',
        'front_tyre.alone',
        'rear_tyre.alone',
        'vehicle.alone',
    ]);
});

it('adds nothing to what was weighed while nothing else came aboard', function (): void {
    $weighed = ratings(['front_axle_kg' => 1420, 'rear_axle_kg' => 1180, 'aboard_kg' => 200])->weighed();

    expect([$weighed->front?->kilograms(), $weighed->rear?->kilograms(), $weighed->aboard?->kilograms()])
        ->toBe([1420.0, 1180.0, 200.0])
        ->and(ratings()->weighed()->front)
        ->toBeNull();
});
