<?php

declare(strict_types=1);

use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\LoadedState;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;

function withLoad(float $kilograms, float $ahead, Carrier $on = Carrier::Trailer): LoadedState
{
    $rig = Described::of(
        [
            'front_axle_kg' => 1460,
            'rear_axle_kg' => 1190,
            'rear_gawr_kg' => 1900,
            'payload_kg' => 760,
            'aboard_kg' => 190,
            'levelling' => 'rear',
        ],
        ['tongue_weight_kg' => 402, 'tongue_weight_by' => 'tongue_scale', 'trailer_gvwr_kg' => 3300],
        ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 550, 'bar_rate_kg_per_mm' => 5.9],
    );
    $adjusters = $rig->sheets->adjusters();
    $change =
        $kilograms === 0.0
            ? []
            : [Item::of('sacks', Load::ofKilograms($kilograms), $on, Length::ofMillimetres($ahead))];

    return new LoadedState(
        $rig,
        (new Estimation($rig->prior(), []))->posterior(),
        LoadChange::between([], $change),
        $adjusters,
        $adjusters->middle(),
        $adjusters->middle(),
    );
}

it('answers a heavier tongue with the small adjuster alone', function (): void {
    $policy = new StoppingRules(overAllowed: 0.5, hopeless: 0.0, goodEnough: 0.99, sure: 0.99);
    $as = withLoad(0.0, 0.0)->smallMove(usualGoal(), $policy);
    $heavier = withLoad(260.0, 4400.0)->smallMove(usualGoal(), $policy);
    $middle = withLoad(0.0, 0.0);

    expect($heavier->action)
        ->toBe(Action::Set)
        ->and($heavier->forecast->setting->step('link'))
        ->toBeGreaterThan($as->forecast->setting->step('link'));
    foreach ($heavier->ranking as $outlook) {
        expect($outlook->setting->changesTo($as->forecast->setting))->not->toContain('washer')->not->toContain('head');
    }
    expect(withLoad(260.0, 4400.0)->restored()->mean())
        ->toBeLessThan($middle->restored()->mean())
        ->and(withLoad(260.0, 4400.0)->tongueShare()->share)
        ->toBeGreaterThan($middle->tongueShare()->share);
});

it('counts a load against every rating that it touches', function (): void {
    $lines = array_column(
        array_map(
            fn ($line): array => [$line->key(), $line->carries->kilograms()],
            withLoad(100.0, 3720.0, Carrier::Vehicle)->ledger(TicketSet::none()),
        ),
        1,
        0,
    );
    $before = array_column(
        array_map(fn ($line): array => [$line->key(), $line->carries->kilograms()], withLoad(0.0, 0.0)->ledger(TicketSet::none())),
        1,
        0,
    );

    expect($lines['payload.dropped'] - $before['payload.dropped'])
        ->toEqualWithDelta(100.0, 2.0)
        ->and($lines['rear_axle.dropped'] - $before['rear_axle.dropped'])
        ->toEqualWithDelta(100.0, 3.0)
        ->and($lines['combination'] - $before['combination'])
        ->toEqualWithDelta(100.0, 1e-6)
        ->and(withLoad(200.0, 0.0)->gross()->kilograms())
        ->toEqualWithDelta(3380.0, 1e-9)
        ->and(
            array_filter(
                withLoad(200.0, 0.0)->ledger(TicketSet::none()),
                fn ($line): bool => $line->isOutside() && $line->key() === 'trailer',
            ),
        )
        ->toHaveCount(1);
});

it('says what levelling takes back, and where the fenders stand alone', function (): void {
    $loaded = withLoad(100.0, 3720.0, Carrier::Vehicle);
    $stances = $loaded->takeBack()->stances($loaded->tension());

    expect($stances['on']->frontRestored())
        ->toBeLessThan($stances['off']->frontRestored())
        ->and($loaded->aloneRise()['rear']->millimetres())
        ->toBeLessThan(-5.0)
        ->and($loaded->aloneRise()['front']->millimetres())
        ->toEqualWithDelta(0.0, 1e-9);
});
