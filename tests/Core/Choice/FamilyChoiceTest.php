<?php

declare(strict_types=1);

use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Choice\BarRange;
use Yoke\Job\Choice\FamilyCandidate;
use Yoke\Job\Choice\FamilyChoice;
use Yoke\Job\Choice\FamilyObjection;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\Suits;
use Yoke\Rig\Family\Want;

/** @return array<string, FamilyCandidate> by key of the family, best first */
function familiesFor(Want ...$wants): array
{
    $bars = BarRange::of(Load::ofKilograms(180.0), Load::ofKilograms(360.0));
    $ranked = (new FamilyChoice(
        Described::of(),
        $bars,
        TargetRange::usual(),
        new Yoke\Measuring\Estimation\Prior\PriorDoubts(),
    ))->ranked(...$wants);

    return array_combine(array_map(static fn (FamilyCandidate $one): string => $one->family->key(), $ranked), $ranked);
}

it('ranks every family that moves load, and rules none out', function (): void {
    $all = array_map(static fn (HitchFamily $family): string => $family->key(), Families::distributing());

    expect(array_keys(familiesFor()))
        ->toEqualCanonicalizing($all)
        ->and(array_keys(familiesFor(...Want::cases())))
        ->toEqualCanonicalizing($all);
});

it('puts first what does most of what is asked', function (array $wants, string $first): void {
    $ranked = familiesFor(...$wants);
    $worths = array_map(
        static fn (FamilyCandidate $one): float => $one->worth,
        array_filter($ranked, static fn (FamilyCandidate $one): bool => ! $one->isAgainst(FamilyObjection::LittleReach)),
    );

    $sorted = $worths;
    rsort($sorted);

    expect(array_key_first($ranked))->toBe($first)->and(array_values($worths))->toBe($sorted);
})->with([
    'sway control and quiet' => [[Want::SwayControl, Want::Quiet, Want::Tailgate], 'pad-under-cover'],
    'fine steps' => [[Want::FineSteps], 'screw-jack-gauge'],
]);

it('says that chains alone do not reach the range, and puts them last', function (): void {
    $ranked = familiesFor(Want::SwayControl, Want::Obstructions);
    $chains = $ranked['tension-chain'];

    expect(array_key_last($ranked))
        ->toBe('tension-chain')
        ->and($chains->objections)
        ->toContain(FamilyObjection::LittleReach)
        ->and($chains->most)
        ->toBeLessThan(0.5)
        ->and($chains->worth)
        ->toBe(1.0)
        ->and($ranked['cam-bar']->most)
        ->toBeGreaterThan(1.0);
});

it('tells what is done well, partly and poorly, of what is asked alone', function (): void {
    $cam = familiesFor(Want::SwayControl, Want::Quiet)['cam-bar'];

    expect($cam->does(Suits::Well))
        ->toBe([Want::SwayControl])
        ->and($cam->does(Suits::Poorly))
        ->toBe([Want::Quiet])
        ->and($cam->does(Suits::Partly))
        ->toBe([])
        ->and($cam->worth)
        ->toBe(0.5);
});

it('reckons how fine a step is from the rig, not from the family', function (): void {
    $screw = familiesFor(Want::FineSteps)['screw-jack-gauge'];
    $latch = familiesFor(Want::FineSteps)['chain-rotating-latch'];

    expect($screw->step)
        ->toBeLessThan($latch->step)
        ->and($screw->suits['fine_steps'])
        ->toBe(Suits::Well)
        ->and($latch->suits['fine_steps'])
        ->not->toBe(Suits::Well)
        ->and($screw->minutes)
        ->toBeLessThan($latch->minutes);
});
