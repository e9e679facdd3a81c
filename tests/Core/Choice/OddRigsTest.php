<?php

declare(strict_types=1);

use Tests\Core\Choice\TrailerLoad;
use Tests\Core\Planning\Described;
use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Choice\BarObjection;
use Yoke\Job\Choice\BarRange;
use Yoke\Job\Choice\FamilyObjection;
use Yoke\Job\Choice\HitchChoice;
use Yoke\Job\Choice\HitchOffer;
use Yoke\Job\Planning\NeedAnswer;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\Suits;
use Yoke\Rig\Family\Want;

/**
 * @param  array<string, float|string>  $vehicle
 * @param  array<string, float|string>  $trailer
 */
function choiceOf(array $vehicle = [], array $trailer = [], array $light = [], array $heavy = []): HitchChoice
{
    return new HitchChoice(
        Described::of($vehicle, $trailer, ['family' => 'cam-bar', 'bar_rating_high_kg' => 100.0]),
        TrailerLoad::of(...$light),
        TrailerLoad::of(...$heavy),
        TargetRange::usual(),
        new Tolerances(),
        new StoppingRules(),
    );
}

it('leaves aside whatever hitch the rig has', function (): void {
    $with = choiceOf();
    $without = new HitchChoice(
        Described::of([], [], []),
        TrailerLoad::of(),
        TrailerLoad::of(),
        TargetRange::usual(),
        new Tolerances(),
        new StoppingRules(),
    );

    expect($with->bars()[0]->bars->heaviest->kilograms())
        ->toBe($without->bars()[0]->bars->heaviest->kilograms())
        ->and($with->bars()[0]->chance)
        ->toEqualWithDelta($without->bars()[0]->chance, 1e-9);
});

it('orders the year by the tongue, whichever was said to be light', function (): void {
    $tank = [[150.0, 2000.0]];
    $said = choiceOf(heavy: $tank);
    $swapped = choiceOf(light: $tank);

    expect($said->season->lightestTongue()->kilograms())
        ->toEqualWithDelta($swapped->season->lightestTongue()->kilograms(), 1e-9)
        ->and($said->season->heaviestTongue()->kilograms())
        ->toEqualWithDelta($swapped->season->heaviestTongue()->kilograms(), 1e-9)
        ->and($said->season->heaviestTongue()->isGreaterThan($said->season->lightestTongue()))
        ->toBeTrue();
});

it(
    'aims higher while measuring where levelling takes some back, and steps get coarse against what is left',
    function (): void {
        $usual = choiceOf(['vehicle_class' => 'family SUV or van']);
        $levelled = choiceOf(['vehicle_class' => 'family SUV or van', 'levelling' => 'rear']);

        expect($levelled->band->from)
            ->toBeGreaterThan($usual->band->from)
            ->and($levelled->band->to)
            ->toBe($usual->band->to)
            ->and($levelled->bars()[0]->objections)
            ->toContain(BarObjection::CoarseSteps);
    },
);

it('says yes, no or not sure before any bar is chosen', function (array $vehicle, NeedAnswer $answer): void {
    expect(choiceOf($vehicle)->need()->governing()->answer())->toBe($answer);
})->with([
    'forbidden' => [['maker_says' => 'forbidden'], NeedAnswer::Forbidden],
    'required' => [['maker_says' => 'required', 'maker_from_kg' => 2000.0], NeedAnswer::Required],
    'not yet required' => [
        ['maker_says' => 'required', 'maker_from_kg' => 5000.0, 'front_axle_kg' => 2600.0],
        NeedAnswer::NotNeeded,
    ],
    'nobody weighed' => [[], NeedAnswer::FrontNotWeighed],
]);

it('suggests two families with the suggested bars, and compares what is asked for', function (): void {
    $choice = choiceOf([], ['tongue_weight_kg' => 330.0, 'tongue_weight_by' => 'tongue_scale']);
    $bars = $choice->bars()[0]->bars;
    $suggested = $choice->suggested($bars, Want::SwayControl);

    expect($suggested)
        ->toHaveCount(2)
        ->and(array_map(static fn (HitchOffer $offer): ?float => $offer->bars?->heaviest->kilograms(), $suggested))
        ->toBe([$bars->heaviest->kilograms(), $bars->heaviest->kilograms()])
        ->and($choice->on($suggested[0])->chanceHeld())
        ->toBeGreaterThan(0.9)
        ->and($choice->on(HitchOffer::usual(Families::get('tension-chain'), $bars))->chanceHeld())
        ->toBeNull();
});

it('judges every family on every want, and a plain ball on none', function (): void {
    foreach (Families::distributing() as $family) {
        foreach (array_filter(Want::cases(), static fn (Want $want): bool => $want !== Want::FineSteps) as $want) {
            expect($family->facts()->suits($want))->toBeInstanceOf(Suits::class);
        }
    }
    $ball = Families::get('plain-ball')->facts();
    expect(array_map($ball->suits(...), Want::cases()))
        ->toBe(array_fill(0, count(Want::cases()), Suits::Poorly))
        ->and(array_map(static fn (Suits $suits): float => $suits->worth(), Suits::cases()))
        ->toBe([1.0, 0.5, 0.0]);
});

it('puts what does not reach the range after everything that does, whatever is asked', function (): void {
    foreach ([[], [Want::SwayControl], Want::cases()] as $wants) {
        $reaches = array_map(
            static fn ($one): bool => ! $one->isAgainst(FamilyObjection::LittleReach),
            choiceOf()->families(BarRange::usual()[3], ...$wants),
        );
        $sorted = $reaches;
        rsort($sorted);
        expect($reaches)->toBe($sorted);
    }
});

it('knows the chance to lie below a bound of what is known as a share', function (
    float $share,
    float $bound,
    float $chance,
): void {
    expect((new LogNormal(100.0, $share))->chanceBelow($bound))->toEqualWithDelta($chance, 0.001);
})->with([
    'at the middle' => [0.1, 100.0, 0.5],
    'a deviation above' => [0.1, 100.0 * exp(0.1), 0.841],
    'two below' => [0.1, 100.0 * exp(-0.2), 0.023],
    'nothing' => [0.1, 0.0, 0.0],
    'below nothing' => [0.1, -5.0, 0.0],
    'exact, above' => [0.0, 101.0, 1.0],
    'exact, below' => [0.0, 99.0, 0.0],
]);

it('offers ratings that overlap, lightest first, each holding twice its lightest', function (): void {
    $usual = BarRange::usual();
    foreach ($usual as $i => $bars) {
        expect($bars->heaviest->kilograms())->toEqualWithDelta(2.0 * $bars->lightest->kilograms(), 1e-9);
        if ($i > 0) {
            expect($bars->heaviest->isGreaterThan($usual[$i - 1]->heaviest))
                ->toBeTrue()
                ->and($bars->lightest->isLessThan($usual[$i - 1]->heaviest))
                ->toBeTrue();
        }
    }
    expect(BarRange::of(Load::zero(), Load::ofPounds(400.0))->heaviest->pounds())->toEqualWithDelta(400.0, 1e-9);
});
