<?php

declare(strict_types=1);

use Tests\Core\Advice\Knowing;
use Yoke\Adjuster\Role;
use Yoke\Advice\Diagnosis;
use Yoke\Advice\Finding;
use Yoke\Advice\FindingKind;
use Yoke\Advice\SettingForecast;
use Yoke\Advice\StanceEvaluator;
use Yoke\Method\CurrentSetting;
use Yoke\Method\Goal;

/** On a rig whose middle setting restores a share, hooked up so much tighter, the head so much higher. */
function diagnosisAt(float $share, float $tensionOffset, float $ballOffset = 0.0): Diagnosis
{
    return new Diagnosis(new StanceEvaluator(Knowing::rig($share, 3, 0.5), Goal::usual()), new CurrentSetting(Knowing::hitch()->middle(), $tensionOffset, $ballOffset), []);
}

/** @return list<SettingForecast> every setting of the hitch on such a rig, best first */
function rankingOf(float $share): array
{
    return Knowing::advise(Knowing::rig($share, 3, 0.5), Knowing::hitch()->middle())->ranking;
}

it('tells the same figure of a setting as the finding at it', function (float $tensionOffset, float $ballOffset, FindingKind $kind): void {
    $diagnosis = diagnosisAt(0.7, $tensionOffset, $ballOffset);
    $found = array_values(array_filter($diagnosis->findings(1.0), static fn (Finding $finding): bool => $finding->kind === $kind));
    $there = new SettingForecast(Knowing::hitch()->middle(), $tensionOffset, $ballOffset, (new StanceEvaluator(Knowing::rig(0.7, 3, 0.5), Goal::usual()))->at($tensionOffset, $ballOffset), 0, null);

    expect($found)->toHaveCount(1)
        ->and($diagnosis->figureAt($kind, $there)->mean())->toEqualWithDelta($found[0]->figure->mean(), 1e-6)
        ->and($diagnosis->figureAt($kind, $there)->deviation())->toEqualWithDelta($found[0]->figure->deviation(), 1e-6);
})->with([
    'far too tight' => [60.0, 0.0, FindingKind::OverRestored],
    'too loose' => [-30.0, 0.0, FindingKind::LightFront],
    'slack' => [-120.0, 0.0, FindingKind::SlackBars],
    'nose-up' => [0.0, 120.0, FindingKind::NoseUp],
    'far nose-down' => [0.0, -220.0, FindingKind::FarNoseDown],
]);

it('moves every figure towards what is right', function (): void {
    $diagnosis = diagnosisAt(0.7, 60.0, 120.0);
    $remedy = $diagnosis->remedy(rankingOf(0.7));

    expect($remedy)->not->toBeNull()
        ->and($diagnosis->figureAt(FindingKind::OverRestored, $remedy)->mean())->toBeGreaterThan(0.5)->toBeLessThan(1.0)
        ->and(abs($diagnosis->figureAt(FindingKind::NoseUp, $remedy)->mean()))->toBeLessThan(1.0)
        ->and(Goal::usual()->tolerances->standsLevel($remedy->trailerPitch()))->toBeTrue();
});

it('puts right with the best that stands level, not the best of all', function (): void {
    $ranking = rankingOf(0.7);
    $remedy = diagnosisAt(0.7, 60.0)->remedy($ranking);
    $tolerances = Goal::usual()->tolerances;
    $better = array_filter($ranking, static fn (SettingForecast $one): bool => $one->isOpen() && $one->chance >= 0.5 && $tolerances->standsLevel($one->trailerPitch()));

    expect($remedy)->toBe(array_values($better)[0]);
});

it('takes the best open setting where none is likely, and none where all are ruled out', function (): void {
    $ranking = rankingOf(0.7);
    $unlikely = array_values(array_filter($ranking, static fn (SettingForecast $one): bool => $one->chance < 0.5));
    $open = array_values(array_filter($unlikely, static fn (SettingForecast $one): bool => $one->isOpen()));
    $shut = array_values(array_filter($ranking, static fn (SettingForecast $one): bool => ! $one->isOpen()));
    $diagnosis = diagnosisAt(0.7, 0.0);

    expect($open)->not->toBe([])->and($shut)->not->toBe([])
        ->and($diagnosis->remedy($unlikely))->toBe($open[0])
        ->and($diagnosis->remedy($shut))->toBeNull()
        ->and($diagnosis->remedy([]))->toBeNull();
});

it('puts the nose right by the head, the front axle by the tension, and a broken limit by neither', function (FindingKind $kind, ?Role $by): void {
    expect($kind->putRightBy())->toBe($by);
})->with([
    'over-restored' => [FindingKind::OverRestored, Role::Tension],
    'light' => [FindingKind::LightFront, Role::Tension],
    'slack' => [FindingKind::SlackBars, Role::Tension],
    'nose-up' => [FindingKind::NoseUp, Role::HeadHeight],
    'far nose-down' => [FindingKind::FarNoseDown, Role::HeadHeight],
    'past a limit' => [FindingKind::Broken, null],
]);
