<?php

declare(strict_types=1);

use App\Models\User;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\TermWords;
use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Term;
use Yoke\Job\Planning\HeightTerms;
use Yoke\Job\Planning\LevellingTakeBack;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Rig\Parts\Axle;

function derivedRig(): SpecifiedRig
{
    return Described::of(
        [
            'levelling' => 'rear',
            'front_axle_kg' => 1420,
            'rear_axle_kg' => 1180,
            'aboard_kg' => 300,
            'payload_kg' => 700,
            'receiver_height_mm' => 520,
        ],
        ['tongue_weight_kg' => 402, 'coupler_height_mm' => 480, 'axle_group' => 'equalised', 'frame_height_mm' => 430],
        [
            'family' => 'chain-snap-up',
            'bar_rating_low_kg' => 360,
            'bar_rating_high_kg' => 550,
            'ball_height_mm' => 500,
            'hang_mm' => 210,
            'head_gap_mm' => 60,
            'shank_drop_mm' => -30,
            'shank_rise_mm' => 70,
            'head_hole_mm' => 32,
            'head_holes' => 3,
        ],
    );
}

/** @return list<Term> every term of every derivation that a plan shows */
function everyTerm(): array
{
    $rig = derivedRig();
    $plan = new RigPlan($rig, usualGoal(), new Yoke\Judgement\Advice\StoppingRules());
    $first = $plan->firstMove()->forecast;
    $shank = array_merge(...array_map(fn ($place): array => $place->terms, $rig->sheets->headPlaces()->for(Length::ofMillimetres(20.0))));
    $ledger = array_merge(...array_map(fn (RatedLoad $line): array => $line->terms, $plan->ledger()));

    return [
        ...$plan->ballDerivation(),
        ...HeightTerms::of($plan->carried(), Axle::Front),
        ...HeightTerms::of($plan->carried(), Axle::Rear),
        ...$plan->settingTerms($first),
        ...$plan->clearanceTerms($first->setting),
        ...$shank,
        ...$ledger,
    ];
}

function termWords(string $fineness): TermWords
{
    return new TermWords(new SettingWords(derivedRig()->sheets), new QuantityWords(new User(['fineness' => $fineness])));
}

it('says every term of every derivation, in the units of the person', function (string $fineness): void {
    $terms = everyTerm();
    $words = termWords($fineness);

    expect(count($terms))->toBeGreaterThan(40);
    foreach ($terms as $term) {
        expect($words->says($term))->toMatch('/^[A-Z0-9]/')->not->toMatch('/:[a-z]/')->not->toEndWith('.');
    }
})->with(['1/16 in', '1 mm']);

it('says rates as this shop does, shares in percent, and what a step is called', function (): void {
    $said = fn (string $fineness): string => implode("\n", array_map(termWords($fineness)->says(...), everyTerm()));

    expect($said('1/16 in'))
        ->toMatch('/Rear springs of \d+ lb\/in sink by/')
        ->not->toContain('kg/mm')
        ->and($said('1 mm'))
        ->toMatch('/Rear springs of \d+\.\d kg\/mm sink by/')
        ->not->toContain('lb/in')
        ->and($said('1 mm'))
        ->toContain('that restore 75 % of the front axle load')
        ->toContain('Washer, from its middle')
        ->toContain('All 2 bars, at the hook-up point')
        ->toContain('From there to its first hole, in drop')
        ->toContain('2 holes further');
});

it('tells a rig that is lifted for the road before and after', function (): void {
    $loss = derivedRig()->sheets->levellingLoss();
    $takeBack = new LevellingTakeBack(derivedRig()->prior()->likelyRig(), $loss);
    $terms = App\Screens\Plan\TakeBackTerms::of($takeBack, 30.0);

    expect(array_map(termWords('1 mm')->says(...), $terms))->toBe([
        'Rear fender from alone, off or at their minimum',
        'Bars at the hook-up point, off or at their minimum',
        'Front axle load restored, off or at their minimum',
        'Rear fender from alone, on again',
        'Bars at the hook-up point, on again',
        'Front axle load restored, on again',
    ]);
});

it('takes a term that has no words for a fault', function (): void {
    termWords('1 mm')->says(new Term('ball.nothing_like_it', 1.0));
})->throws(LogicException::class, 'ball.nothing_like_it');
