<?php

declare(strict_types=1);

use Tests\Core\Choice\TrailerLoad;
use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Choice\BarRange;
use Yoke\Job\Choice\HitchOffer;
use Yoke\Job\Choice\HitchOnRig;
use Yoke\Job\Choice\Season;
use Yoke\Judgement\Advice\ExpectedHookUps;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Specification\SpecificationSheet;

function hitchOnRig(HitchOffer $offer, ?LoadChange $heavy = null): HitchOnRig
{
    $rig = Described::of();
    $none = LoadChange::between([], []);
    $season = Season::of(
        $rig->prior()->doubtful(RigParameter::TongueWeight),
        $rig->sheets->ballToAxle(),
        $none,
        $heavy ?? $none,
    );

    return new HitchOnRig($offer, $rig, $season, usualGoal(), new StoppingRules());
}

function usualOffer(string $family, float $heaviest): HitchOffer
{
    return HitchOffer::usual(
        Families::get($family),
        BarRange::of(Load::ofKilograms(0.5 * $heaviest), Load::ofKilograms($heaviest)),
    );
}

it('tells of a hitch what it would do on the rig', function (string $family): void {
    $on = hitchOnRig(usualOffer($family, 400.0));
    [$least, $most] = [$on->reach()->low, $on->reach()->high];
    $step = $on->stepWorth();

    expect($least)
        ->toBeLessThan(0.5)
        ->toBeGreaterThanOrEqual(0.0)
        ->and($most)
        ->toBeGreaterThan(0.6)
        ->and($on->firstChance())
        ->toBeGreaterThan(0.15)
        ->toBeLessThan(0.8)
        ->and($on->firstChanceTaped())
        ->toBeGreaterThan($on->firstChance())
        ->and($step->front)
        ->toBeGreaterThan(0.0)
        ->and($step->front + $step->rear + $step->trailer)
        ->toEqualWithDelta(0.0, 1e-6)
        ->and($on->minutes())
        ->toBeGreaterThan(0.0)
        ->and($on->tipClearance())
        ->toBeNull();
})->with([
    'chain-snap-up',
    'chain-rotating-latch',
    'friction-bracket',
    'cam-bar',
    'pad-under-cover',
    'screw-jack-gauge',
]);

it('asks nothing of bars where there are none', function (): void {
    $chains = hitchOnRig(usualOffer('tension-chain', 400.0));

    expect($chains->chanceHeld())
        ->toBeNull()
        ->and($chains->firstChanceTaped())
        ->toBeNull()
        ->and($chains->reach()->high)
        ->toBeLessThan(0.5);
});

it('makes a link of stiffer bars worth more', function (): void {
    $soft = hitchOnRig(usualOffer('chain-snap-up', 300.0))->stepWorth();
    $stiff = hitchOnRig(usualOffer('chain-snap-up', 600.0))->stepWorth();

    expect($stiff->front)->toBeGreaterThan(1.3 * $soft->front);
});

it('restores less with a heavier tongue at the same setting', function (): void {
    $tank = TrailerLoad::of([120.0, 1800.0]);
    $through = hitchOnRig(usualOffer('chain-snap-up', 400.0), $tank);
    [$light, $heavy] = [$through->restoredLightest(), $through->restoredHeaviest()];

    expect($heavy)
        ->toBeLessThan($light - 0.02)
        ->and(hitchOnRig(usualOffer('chain-snap-up', 400.0))->restoredLightest())
        ->toEqualWithDelta($light, 1e-9);
});

it('takes a hitch as its specification describes it, and no plain ball', function (): void {
    $offer = HitchOffer::described(
        new SpecificationSheet([
            'family' => 'chain-snap-up',
            'bar_rating_high_kg' => 400.0,
            'bar_rating_low_kg' => 250.0,
            'pitch_mm' => 30.0,
        ]),
        Length::ofMillimetres(650.0),
    );
    $on = hitchOnRig($offer ?? throw new LogicException('Expected an offer.'));

    expect($on->rig->sheets->adjusters()?->tensionStep())
        ->toBe(30.0)
        ->and($on->rig->prior()->known()->barArm)
        ->toBe(650.0)
        ->and($offer->bars?->lightest->kilograms())
        ->toBe(250.0)
        ->and(HitchOffer::described(new SpecificationSheet(['family' => 'plain-ball']), null))
        ->toBeNull()
        ->and(HitchOffer::described(new SpecificationSheet([]), null))
        ->toBeNull();
});

it('expects fewer hook-ups the likelier the first is', function (): void {
    expect(ExpectedHookUps::from(1.0)->mean())
        ->toBe(1.0)
        ->and(ExpectedHookUps::from(0.84)->mean())
        ->toEqualWithDelta(1.26, 0.01)
        ->and(ExpectedHookUps::from(0.4)->mean())
        ->toEqualWithDelta(1.97, 0.01)
        ->and(ExpectedHookUps::from(0.0)->mean())
        ->toBeLessThanOrEqual(6.0)
        ->and(ExpectedHookUps::from(0.95)->enoughWith(0.9))
        ->toBe(1)
        ->and(ExpectedHookUps::from(0.8)->enoughWith(0.9))
        ->toBe(2)
        ->and(ExpectedHookUps::from(0.3)->enoughWith(0.9))
        ->toBe(4)
        ->and(ExpectedHookUps::from(0.0)->enoughWith(1.0))
        ->toBe(6);
});
