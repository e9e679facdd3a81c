<?php

declare(strict_types=1);

use Tests\Core\Choice\TrailerLoad;
use Tests\Core\Planning\Described;
use Yoke\Job\Choice\Season;
use Yoke\Job\Choice\SeasonNeed;
use Yoke\Job\Planning\NeedAnswer;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Mechanics\Loading\Exception\ImpossibleItem;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Mechanics\Loading\TripLoad;
use Yoke\Rig\Specification\SpecificationSheet;

/** @param  array<string, float|string>  $vehicle */
function seasonNeed(array $vehicle, LoadChange ...$states): SeasonNeed
{
    $rig = Described::of(
        $vehicle,
        ['tongue_weight_kg' => 360.0, 'tongue_weight_by' => 'tongue_scale'],
        ['family' => 'plain-ball'],
    );
    $season = Season::of(
        $rig->prior()->doubtful(RigParameter::TongueWeight),
        $rig->sheets->ballToAxle(),
        TrailerLoad::of(),
        ...$states,
    );

    return new SeasonNeed($rig, $season, usualGoal(), new StoppingRules());
}

it('answers for the load state that asks for it more', function (
    array $vehicle,
    array $load,
    NeedAnswer $answer,
): void {
    expect(seasonNeed($vehicle, TrailerLoad::of(...$load))->governing()->answer())->toBe($answer);
})->with([
    'light on a heavy front' => [['front_axle_kg' => 1900.0], [], NeedAnswer::NotNeeded],
    'with its tank full the front gets light' => [
        ['front_axle_kg' => 1400.0],
        [[200.0, 2500.0]],
        NeedAnswer::FrontLight,
    ],
    'a receiver that ends with the tank full' => [
        ['front_axle_kg' => 1900.0, 'receiver_carrying_kg' => 400.0],
        [[200.0, 2500.0]],
        NeedAnswer::RatingEnds,
    ],
    'and does not with it empty' => [
        ['front_axle_kg' => 1900.0, 'receiver_carrying_kg' => 400.0],
        [],
        NeedAnswer::NotNeeded,
    ],
    'forbidden whatever is loaded' => [
        ['maker_says' => 'forbidden', 'front_axle_kg' => 1400.0],
        [[200.0, 2500.0]],
        NeedAnswer::Forbidden,
    ],
    'not weighed' => [[], [], NeedAnswer::FrontNotWeighed],
]);

it('sees a tongue that gets too light with load behind the axles', function (): void {
    $behind = seasonNeed(['front_axle_kg' => 1900.0], TrailerLoad::of([150.0, -3000.0]));
    $level = seasonNeed(['front_axle_kg' => 1900.0]);
    [$light, $heavy] = [$behind->lightestShare(), $behind->heaviestShare()];

    expect($light->isTooLittle())
        ->toBeTrue()
        ->and($heavy->isUsual())
        ->toBeTrue()
        ->and($behind->chanceOfTooLittle())
        ->toBeGreaterThan(0.95)
        ->and($level->chanceOfTooLittle())
        ->toBeLessThan(0.05)
        ->and($behind->droppedLightest()->frontLoad()->kilograms())
        ->toBeGreaterThan($behind->droppedHeaviest()->frontLoad()->kilograms());
});

it('counts what is along into loads where they usually stand', function (): void {
    $rig = Described::rig();
    $tanks = Tank::of(new SpecificationSheet(['fresh_tank_kg' => 120.0, 'fresh_tank_ahead_mm' => 900.0]));
    $trip = TripLoad::of(
        ['person_behind' => 2, 'gas_bottles' => 1, 'bikes_on_trailer' => 0],
        ['fresh' => 0.5, 'waste' => 1.0],
    );
    $items = $trip->items($rig, $tanks);
    $change = $trip->change($rig, $tanks);

    expect(array_map(static fn ($item): array => [$item->name, $item->weight->kilograms()], $items))
        ->toBe([['person_behind', 150.0], ['gas_bottles', 30.0], ['fresh', 60.0]])
        ->and($change->aboard()->kilograms())
        ->toBe(150.0)
        ->and($change->trailer()->kilograms())
        ->toBe(90.0)
        ->and(TripLoad::nothing()->items($rig, $tanks))
        ->toBe([]);
});

it('refuses counts and fills that nobody has', function (array $counts, array $fills): void {
    TripLoad::of($counts, $fills);
})
    ->with([
        'below nothing' => [['gas_bottles' => -1], []],
        'too many' => [['gas_bottles' => 9], []],
        'unknown' => [['elephants' => 1], []],
        'over full' => [[], ['fresh' => 1.01]],
        'no number' => [[], ['fresh' => NAN]],
    ])
    ->throws(ImpossibleItem::class);
