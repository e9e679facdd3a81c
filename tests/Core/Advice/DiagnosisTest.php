<?php

declare(strict_types=1);

use Tests\Core\Advice\Knowing;
use Yoke\Judgement\Advice\Diagnosis;
use Yoke\Judgement\Advice\Finding;
use Yoke\Judgement\Advice\FindingKind;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Advice\StanceEvaluator;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Rig\Adjuster\Role;

/** On a rig whose middle setting restores a share, hooked up so much tighter, the head so much higher. */
function diagnosisAt(float $share, float $tensionOffset, float $ballOffset = 0.0): Diagnosis
{
    return new Diagnosis(
        new StanceEvaluator(Knowing::rig($share, 3, 0.5), usualGoal()),
        new CurrentSetting(Knowing::hitch()->middle(), $tensionOffset, $ballOffset),
        [],
    );
}

it('tells the same figure of a setting as the finding at it', function (
    float $tensionOffset,
    float $ballOffset,
    FindingKind $kind,
): void {
    $diagnosis = diagnosisAt(0.7, $tensionOffset, $ballOffset);
    $found = array_values(
        array_filter($diagnosis->findings(1.0), static fn (Finding $finding): bool => $finding->kind === $kind),
    );
    $there = new SettingForecast(
        Knowing::hitch()->middle(),
        $tensionOffset,
        $ballOffset,
        (new StanceEvaluator(Knowing::rig(0.7, 3, 0.5), usualGoal()))->at($tensionOffset, $ballOffset),
        0,
        null,
    );

    expect($found)
        ->toHaveCount(1)
        ->and($diagnosis->figureAt($kind, $there)->mean())
        ->toEqualWithDelta($found[0]->figure->mean(), 1e-6)
        ->and($diagnosis->figureAt($kind, $there)->deviation())
        ->toEqualWithDelta($found[0]->figure->deviation(), 1e-6);
})->with([
    'far too tight' => [60.0, 0.0, FindingKind::OverRestored],
    'too loose' => [-30.0, 0.0, FindingKind::LightFront],
    'slack' => [-120.0, 0.0, FindingKind::SlackBars],
    'nose-up' => [0.0, 120.0, FindingKind::NoseUp],
    'far nose-down' => [0.0, -220.0, FindingKind::FarNoseDown],
]);

it('moves every figure towards what is right by the move that the advice names', function (): void {
    $diagnosis = diagnosisAt(0.7, 60.0, 120.0);
    $next = Knowing::advise(Knowing::rig(0.7, 3, 0.5), Knowing::hitch()->middle()->with('link', 6.0))->next();

    expect($next)
        ->not->toBeNull()
        ->and($diagnosis->figureAt(FindingKind::OverRestored, $next)->mean())
        ->toBeGreaterThan(0.5)
        ->toBeLessThan(1.0);
});

it('puts the nose right by the head, the front axle by the tension, and a broken limit by neither', function (
    FindingKind $kind,
    ?Role $by,
): void {
    expect($kind->putRightBy())->toBe($by);
})->with([
    'over-restored' => [FindingKind::OverRestored, Role::Tension],
    'light' => [FindingKind::LightFront, Role::Tension],
    'slack' => [FindingKind::SlackBars, Role::Tension],
    'nose-up' => [FindingKind::NoseUp, Role::HeadHeight],
    'far nose-down' => [FindingKind::FarNoseDown, Role::HeadHeight],
    'past a limit' => [FindingKind::Broken, null],
]);
