<?php

declare(strict_types=1);

use Tests\Core\Planning\Described;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Workshop\Trip\Exception\LoadOffTheGrid;
use Yoke\Workshop\Trip\TripAnswers;
use Yoke\Workshop\Trip\TripAxis;
use Yoke\Workshop\Trip\TripEntry;
use Yoke\Workshop\Trip\TripGrid;
use Yoke\Workshop\Trip\TripOutcome;
use Yoke\Workshop\Trip\TripTable;

/** A tall tandem with a tank of 150 kg well ahead of its axles, set up so that three quarters are restored. */
function tripRig(array $vehicle = [], string $family = 'chain-snap-up'): SpecifiedRig
{
    return Described::of(
        $vehicle,
        [
            'tongue_weight_kg' => 380.0,
            'tongue_weight_by' => 'tongue_scale',
            'fresh_tank_kg' => 150.0,
            'fresh_tank_ahead_mm' => 2400.0,
        ],
        ['family' => $family, 'bar_rating_low_kg' => 270.0, 'bar_rating_high_kg' => 545.0],
    );
}

/** @param  list<Item>  $aboard */
function tripGrid(SpecifiedRig $rig, array $aboard = []): TripGrid
{
    return TripGrid::of($rig->sheets->rig, $rig->sheets->tanks(), $aboard);
}

function tripAnswers(SpecifiedRig $rig): TripAnswers
{
    $prior = $rig->prior();
    $set = $prior->withTension(Normal::of($prior->likelyRig()->tensionFor(0.75), 2.0));
    $middle = $rig->sheets->adjusters()?->middle() ?? Setting::of([]);

    return new TripAnswers(
        $rig,
        (new Estimation($set, []))->posterior(),
        $rig->sheets->adjusters(),
        $middle,
        $middle,
        usualGoal(),
        new StoppingRules(),
        TicketSet::none(),
    );
}

it('lists every load of the grid once, and finds each again', function (): void {
    $grid = tripGrid(tripRig());
    $keys = array_map(static fn (TripAxis $axis): string => $axis->key, $grid->axes);
    $loads = array_map($grid->load(...), range(0, $grid->count() - 1));

    expect($keys)
        ->toBe(['fresh', 'person_behind', 'bed_cargo', 'bikes_on_vehicle', 'gas_bottles', 'stores', 'bikes_on_trailer'])
        ->and(count(array_unique(array_map(json_encode(...), $loads))))
        ->toBe($grid->count())
        ->and(array_map(static fn (array $load): array => $grid->around($load), $loads))
        ->toBe(array_map(static fn (int $place): array => [$place], range(0, $grid->count() - 1)))
        ->and($grid->now())
        ->toBe(array_fill_keys($keys, 0));
});

it('takes what a tank held at the set-up as its own level', function (): void {
    $rig = tripRig();
    $grid = tripGrid($rig, [Item::water('fresh', Load::ofKilograms(45.0), Length::ofMillimetres(2400.0))]);

    expect($grid->axes[0]->levels)
        ->toBe([0, 30, 50, 100])
        ->and($grid->now()['fresh'])
        ->toBe(30)
        ->and($grid->change($grid->now())->trailer()->kilograms())
        ->toBe(0.0)
        ->and($grid->change(['fresh' => 100])->trailer()->kilograms())
        ->toEqualWithDelta(105.0, 1e-9)
        ->and($grid->change(['fresh' => 0])->trailer()->kilograms())
        ->toEqualWithDelta(-45.0, 1e-9)
        ->and($grid->change(['person_behind' => -1])->aboard()->kilograms())
        ->toBe(-75.0)
        ->and($grid->change(['person_behind' => 2, 'fresh' => 30])->aboard()->kilograms())
        ->toBe(150.0);
});

it('looks between levels at its neighbours, and at no load outside', function (): void {
    $grid = tripGrid(tripRig());
    $near = static fn (array $load): array => array_map(
        static fn (int $place): array => array_intersect_key($grid->load($place), ['fresh' => 0, 'person_behind' => 0]),
        $grid->around($load),
    );

    expect($near(['fresh' => 25]))
        ->toEqual([['fresh' => 0, 'person_behind' => 0], ['fresh' => 50, 'person_behind' => 0]])
        ->and($near(['fresh' => 75, 'person_behind' => 1]))
        ->toHaveCount(4)
        ->and(fn () => $grid->around(['fresh' => 101]))
        ->toThrow(LoadOffTheGrid::class, 'trip.off_the_grid least=0 most=100')
        ->and(fn () => $grid->around(['person_behind' => -3]))
        ->toThrow(LoadOffTheGrid::class);
});

it('stays at the setting for the load of the set-up, and tightens for more on the tongue', function (): void {
    $rig = tripRig();
    $answers = tripAnswers($rig);
    $grid = tripGrid($rig);
    $asSetUp = $answers->of($grid->change($grid->now()));
    $full = $answers->of($grid->change(['fresh' => 100, 'stores' => 2]));

    expect($asSetUp->outcome)
        ->toBe(TripOutcome::Stays)
        ->and($asSetUp->share)
        ->toEqualWithDelta(0.75, 0.01)
        ->and([$asSetUp->front, $asSetUp->rear])
        ->toEqualWithDelta([0.0, 0.0], 1e-9)
        ->and($asSetUp->chance)
        ->toBeGreaterThan(0.75)
        ->and($full->tongue->share)
        ->toBeGreaterThan($asSetUp->tongue->share)
        ->and($full->tension)
        ->toBeGreaterThanOrEqual(0.0)
        ->and($full->rear)
        ->toBeLessThan($asSetUp->rear - 3.0);
});

it('moves nothing but the small adjuster', function (): void {
    $rig = tripRig();
    $middle = $rig->sheets->adjusters()?->middle();
    foreach (tripAnswers($rig)->table(tripGrid($rig))->entries as $entry) {
        expect($entry->steps['washer'])
            ->toBe($middle?->step('washer'))
            ->and($entry->steps['head'])
            ->toBe($middle?->step('head'));
    }
});

it('never asks for a setting whose chance of too much is above what the shop allows', function (): void {
    $rig = tripRig();
    $table = tripAnswers($rig)->table(tripGrid($rig));
    $shares = array_map(
        static fn (TripEntry $entry): float => $entry->outcome->isInOrder() ? (float) $entry->share : 0.0,
        $table->entries,
    );

    expect(max($shares))->toBeLessThan(0.98)->and(count(array_filter($shares)))->toBeGreaterThan(100);
});

it('answers on the grid what is worked out there, and between the safest of its neighbours', function (): void {
    $rig = tripRig([
        'front_axle_kg' => 1500.0,
        'rear_axle_kg' => 1500.0,
        'rear_gawr_kg' => 1850.0,
        'payload_kg' => 620.0,
    ]);
    $grid = tripGrid($rig);
    $answers = tripAnswers($rig);
    $table = $answers->table($grid);
    foreach (
        [[], ['fresh' => 100], ['person_behind' => 2, 'bikes_on_vehicle' => 2], ['gas_bottles' => -1, 'stores' => 2]] as $load
    ) {
        expect($table->answer($load)->toArray())->toEqual($answers->of($grid->change($load))->toArray());
    }
    foreach (
        [['fresh' => 25], ['fresh' => 75, 'person_behind' => 1], ['bed_cargo' => 1, 'stores' => 1, 'fresh' => 99]] as $load
    ) {
        $answer = $table->answer($load);
        foreach ($grid->around($load) as $place) {
            expect($answer->compare($table->entries[$place]))
                ->toBeGreaterThanOrEqual(0)
                ->and(count($answer->outside))
                ->toBeGreaterThanOrEqual($answer->outcome->isInOrder() ? count($table->entries[$place]->outside) : 0);
        }
    }
});

it('holds what is over a rating for the safer answer, then a light tongue, then the looser setting', function (): void {
    $of = static fn (array $row): TripEntry => TripEntry::ofArray([
        ...[
            'outcome' => 'moves',
            'steps' => ['link' => 4.0],
            'tension' => 0.0,
            'chance' => 0.9,
            'share' => 0.7,
            'tongue' => 0.12,
            'front' => 0.0,
            'rear' => 0.0,
            'outside' => [],
        ],
        ...$row,
    ]);
    $over = [
        'part' => 'rear_axle',
        'stance' => 'carried',
        'carries' => 1900.0,
        'may' => 1800.0,
        'least' => false,
        'axle' => 0,
        'axles' => 0,
    ];
    $order = [
        $of(['outcome' => 'beyond']),
        $of(['outside' => [$over], 'tension' => 50.0]),
        $of(['tongue' => 0.09, 'tension' => 40.0]),
        $of(['tension' => -30.0]),
        $of(['tension' => 0.0, 'chance' => 0.7]),
        $of([]),
        $of(['tension' => 30.0]),
    ];
    foreach ($order as $i => $safer) {
        foreach (array_slice($order, $i + 1) as $other) {
            expect($safer->compare($other))->toBeGreaterThan(0, "place {$i}");
        }
    }
});

it('keeps and finds its entries again', function (): void {
    $rig = tripRig(['front_axle_kg' => 1500.0, 'rear_axle_kg' => 1500.0, 'rear_gawr_kg' => 1600.0]);
    $table = tripAnswers($rig)->table(tripGrid($rig));
    $kept = json_decode(
        json_encode(
            array_map(static fn (TripEntry $entry): array => $entry->toArray(), $table->entries),
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        ),
        true,
    );
    $again = new TripTable($table->grid, array_map(TripEntry::ofArray(...), $kept));

    expect($table->answer(['fresh' => 100])->outside)
        ->not->toBe([])
        ->and(array_map(static fn (TripEntry $entry): array => $entry->toArray(), $again->entries))
        ->toEqual($kept)
        ->and($again->care())
        ->toBe($table->care())
        ->and($again->answer(['fresh' => 75])->outside[0]->isOutside())
        ->toBeTrue();
});

it('weighs a rig on a plain ball without a setting, and says where the tongue lifts off', function (): void {
    $rig = tripRig(['receiver_carrying_kg' => 400.0], 'plain-ball');
    $answers = tripAnswers($rig);
    $grid = tripGrid($rig);
    $full = $answers->of($grid->change(['fresh' => 100]));
    $light = Described::of([], ['tongue_weight_kg' => 5.0], ['family' => 'plain-ball']);
    $lifted = tripAnswers($light)->of(tripGrid($light)->change(['bikes_on_trailer' => 1]));

    expect($full->outcome)
        ->toBe(TripOutcome::OverRating)
        ->and($full->outcome->isInOrder())
        ->toBeFalse()
        ->and($full->steps)
        ->toBe([])
        ->and($full->chance)
        ->toBeNull()
        ->and(array_map(static fn ($line): string => $line->key(), $full->outside))
        ->toBe(['receiver_tongue.dropped'])
        ->and($answers->of($grid->change([]))->outside)
        ->toBe([])
        ->and($full->rear)
        ->toBeLessThan(-3.0)
        ->and($lifted->outcome)
        ->toBe(TripOutcome::LiftsOff)
        ->and($lifted->outcome->isInOrder())
        ->toBeFalse();
});
