<?php

declare(strict_types=1);

use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Ratings\RatingState;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Readings\Weighing\PlatformLoad;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Rig\Parts\Stance;

/** A ticket of a stance: front, rear, trailer, kg; the trailer's null alone. */
function weighedTicket(Stance $stance, float $front, float $rear, ?float $trailer = null): Ticket
{
    $loads = [
        [WeighedAxle::Front, $front],
        [WeighedAxle::Rear, $rear],
        ...$trailer === null ? [] : [[WeighedAxle::Trailer, $trailer]],
    ];

    return Ticket::of(
        $stance,
        array_map(
            fn (array $one): PlatformLoad => new PlatformLoad([$one[0]], Load::ofKilograms($one[1])),
            $loads,
        ),
        null,
        Load::ofKilograms(10.0),
    );
}

/** Alone 1500 and 1200, dropped 380 kg on the ball; gross 2900. */
function threeTickets(): TicketSet
{
    return new TicketSet(
        weighedTicket(Stance::Alone, 1500.0, 1200.0),
        weighedTicket(Stance::Dropped, 1370.0, 1710.0, 2520.0),
        weighedTicket(Stance::Carried, 1465.0, 1580.0, 2555.0),
    );
}

function ratedRig(): SpecifiedRig
{
    return Described::of(
        ['front_axle_kg' => 1380, 'rear_axle_kg' => 1090, 'rear_gawr_kg' => 1600, 'front_gawr_kg' => 1700],
        ['trailer_gvwr_kg' => 3000, 'trailer_gawr_kg' => 2530],
        ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 550],
    );
}

it('takes a rig as the scale found it, whatever its sheets say', function (): void {
    $weighed = ratedRig()->weighed(threeTickets());
    $alone = $weighed->ratings()->weighed();

    expect($weighed->sheets->rig->trailer->grossWeight->kilograms())
        ->toEqualWithDelta(2900.0, 1e-9)
        ->and([$alone->front?->kilograms(), $alone->rear?->kilograms()])
        ->toBe([1500.0, 1200.0])
        ->and($weighed->sheets->frontAxleAlone()?->kilograms())
        ->toBe(1500.0);
});

it('leaves what was not weighed as the sheets have it', function (): void {
    $as = ratedRig()->weighed(new TicketSet(null, weighedTicket(Stance::Dropped, 1370.0, 1710.0, 2520.0), null));

    expect($as->sheets->rig->trailer->grossWeight->kilograms())
        ->toBe(3180.0)
        ->and($as->sheets->frontAxleAlone()?->kilograms())
        ->toBe(1380.0)
        ->and(ratedRig()->weighed(TicketSet::none())->prior())
        ->toEqual(ratedRig()->prior());
});

it('counts what travels besides once: it stood on the scale too', function (): void {
    $items = [
        Item::of('shelves', Load::ofKilograms(150.0), Carrier::Trailer, Length::ofMillimetres(400.0)),
        Item::of('crates', Load::ofKilograms(80.0), Carrier::Vehicle, Length::ofMillimetres(1860.0)),
    ];
    $loaded = ratedRig()->loaded(LoadChange::between([], $items))->weighed(threeTickets());
    $alone = $loaded->ratings()->weighed();
    $posterior = (new Estimation($loaded->prior(), []))->posterior();

    expect($posterior->gross()->kilograms())
        ->toEqualWithDelta(2900.0, 1e-6)
        ->and($alone->front?->kilograms())
        ->toEqualWithDelta(1500.0, 1e-9)
        ->and($alone->rear?->kilograms())
        ->toEqualWithDelta(1200.0, 1e-9);
});

it('holds ratings against what was weighed before what is computed', function (): void {
    $rig = ratedRig()->weighed(threeTickets());
    $posterior = (new Estimation($rig->prior(), []))->posterior();
    $lines = [];
    foreach ((new RigPlan($rig, usualGoal(), new StoppingRules(), $posterior, threeTickets()))->ledger() as $line) {
        $lines[$line->key()] = $line;
    }

    expect($lines['rear_axle.carried']->carries->kilograms())
        ->toBe(1580.0)
        ->and($lines['rear_axle.carried']->isWeighed())
        ->toBeTrue()
        ->and($lines['rear_axle.carried']->state())
        ->toBe(RatingState::Kept)
        // With the bars still off it is a caution: it is not driven so.
        ->and($lines['rear_axle.dropped']->carries->kilograms())
        ->toBe(1710.0)
        ->and($lines['rear_axle.dropped']->state())
        ->toBe(RatingState::Caution)
        ->and($lines['trailer_axles.carried']->state())
        ->toBe(RatingState::Over)
        ->and($lines['trailer']->isWeighed())
        ->toBeFalse();
});
