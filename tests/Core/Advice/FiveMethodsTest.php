<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Adjuster\Setting;
use Yoke\Advice\Diagnosis;
use Yoke\Advice\Finding;
use Yoke\Constraint\BarRating;
use Yoke\Estimation\Estimation;
use Yoke\Estimation\Observed;
use Yoke\Estimation\ReadingContext;
use Yoke\Method\Band;
use Yoke\Method\CurrentSetting;
use Yoke\Method\FiveMethods;
use Yoke\Method\MethodView;
use Yoke\Method\Verdict;
use Yoke\Planning\Check;
use Yoke\Planning\Proof;
use Yoke\Units\Load;

function middleTrial(): CurrentSetting
{
    return new CurrentSetting(Setting::of(['link' => 4.0]), 0.0, 0.0);
}

/** @return array<string, MethodView> of a rig read closely at a true share; weighed too where asked */
function methodsAt(float $share, float $ball = 14.0, float $scaleOff = 0.0, ?Band $band = null): array
{
    $prior = Priors::rig(0.1, 20.0, 25.0, null, $ball);
    $rig = $prior->likelyRig();
    $readings = new Readings($rig, $rig->tensionFor($share), null, 0.3);
    $observations = $readings->threeStances();
    if ($scaleOff !== 0.0) {
        $carried = $readings->one(ReadingContext::carried(0.0), Observed::FrontLoad, 6.0);
        array_push($observations, $readings->one(ReadingContext::alone(), Observed::FrontLoad, 6.0), $readings->one(ReadingContext::dropped(), Observed::FrontLoad, 6.0),
            new Yoke\Estimation\Observation($carried->context, $carried->observed, $carried->value + $scaleOff, 6.0));
    }
    $five = new FiveMethods((new Estimation($prior, $observations))->posterior(), middleTrial(), $band ?? Band::usual());
    $views = array_combine(array_map(fn (MethodView $view): string => $view->key, $five->all()), $five->all());

    return $views + ['disagreements' => $five->disagreements()];
}

it('gives five verdicts beside each other, each in its own quantity', function (): void {
    $views = methodsAt(0.75);
    $rig = Priors::rig(0.1)->likelyRig();
    $carried = $rig->carried($rig->tensionFor(0.75));

    expect(array_keys($views))->toBe(['front_restoration', 'equal_squat', 'coupler_height', 'ball_load', 'axle_scale', 'disagreements'])
        ->and($views['front_restoration']->value->mean())->toEqualWithDelta(0.75, 0.02)
        ->and($views['equal_squat']->value->mean())->toEqualWithDelta($carried->frontRise() - $carried->rearRise(), 1.0)
        ->and($views['coupler_height']->value->mean())->toEqualWithDelta($carried->ballRise(), 2.0)
        ->and($views['ball_load']->value->mean())->toEqualWithDelta($carried->ballLoad(), 0.05 * $carried->ballLoad())
        ->and($views['axle_scale']->value)->toBeNull()
        ->and($views['axle_scale']->verdict)->toBe(Verdict::Waiting);
});

it('judges front restoration by the band that governs', function (float $share, Verdict $verdict): void {
    expect(methodsAt($share)['front_restoration']->verdict)->toBe($verdict)
        ->and(methodsAt($share, band: Band::of(0.0, 0.2))['front_restoration']->verdict)->toBe(Verdict::Over);
})->with(['short' => [0.3, Verdict::Short], 'in' => [0.75, Verdict::InBand], 'over' => [1.3, Verdict::Over]]);

it('asks more of equal squat than full return would give, and never past it', function (): void {
    expect(methodsAt(0.4)['equal_squat']->verdict)->toBe(Verdict::Short)
        ->and(methodsAt(1.5)['equal_squat']->verdict)->toBe(Verdict::Over)
        ->and(methodsAt(0.8)['disagreements'][0])->toContain('stop at full return');
});

it('sends the coupler to the head where the bars are bent, to the bars where they are not', function (): void {
    expect(methodsAt(0.8)['coupler_height']->says)->toContain('raise the head a hole')
        ->and(methodsAt(0.8, 150.0)['coupler_height']->says)->toContain('lower the head a hole')
        ->and(methodsAt(-0.4)['coupler_height']->says)->toContain('not bent: more tension');
});

it('aims the gauge at the middle of the band', function (): void {
    $views = methodsAt(0.75);
    preg_match('/(\d+) kg/', $views['ball_load']->says, $target);

    expect($views['ball_load']->verdict)->toBe(Verdict::InBand)
        ->and((float) $target[1])->toEqualWithDelta($views['ball_load']->value->mean(), 0.06 * (float) $target[1])
        ->and(methodsAt(0.3)['ball_load']->verdict)->toBe(Verdict::Short)
        ->and(methodsAt(1.3)['ball_load']->verdict)->toBe(Verdict::Over);
});

it('judges by the scale where tickets hold all three stances, and says when the springs stick', function (): void {
    expect(methodsAt(0.75, scaleOff: 0.001)['axle_scale']->value->mean())->toEqualWithDelta(0.75, 0.03)
        ->and(methodsAt(0.75, scaleOff: 0.001)['axle_scale']->verdict)->toBe(Verdict::InBand)
        ->and(methodsAt(0.75, scaleOff: -90.0)['axle_scale']->verdict)->toBe(Verdict::Short)
        ->and(implode(' ', methodsAt(0.75, scaleOff: -90.0)['disagreements']))->toContain('The scale is the judge');
});

/** @return list<string> what is found wrong at a true share */
function wrongAt(float $share, float $ball = 45.0, ?float $barRating = null): array
{
    $prior = Priors::rig(0.1, 20.0, 25.0, null, $ball);
    $rig = $prior->likelyRig();
    $posterior = (new Estimation($prior, (new Readings($rig, $rig->tensionFor($share), null, 0.4))->threeStances()))->posterior();
    $obstacles = $barRating === null ? [] : [new BarRating(Load::ofKilograms($barRating))];

    return array_map(fn (Finding $finding): string => $finding->what, (new Diagnosis($posterior, middleTrial(), Band::usual(), $obstacles))->findings());
}

it('says what is wrong in order of danger, and nothing where nothing is', function (array $wrong, float $share, float $ball = 45.0, ?float $rating = null): void {
    expect(wrongAt($share, $ball, $rating))->toBe($wrong);
})->with([
    'nothing' => [[], 0.75],
    'over-restored' => [['The front axle is over-restored'], 1.4],
    'over-restored on bars too light, nose-up' => [['The front axle is over-restored', 'Bars past their rating', 'The trailer stands nose-up'], 1.4, 130.0, 150.0],
    'light' => [['The front axle is light'], 0.3],
    'slack' => [['The bars are slack', 'The front axle is light'], -0.4],
    'far nose-down' => [['The trailer stands far nose-down'], 0.75, -90.0],
]);

it('proves a setting: attitude, bend, rating', function (float $share, float $ball, float $rating, array $fails): void {
    $prior = Priors::rig(0.1, 20.0, 25.0, null, $ball);
    $rig = $prior->likelyRig();
    $posterior = (new Estimation($prior, (new Readings($rig, $rig->tensionFor($share), null, 0.4))->threeStances()))->posterior();
    $checks = (new Proof($posterior, middleTrial(), Load::ofKilograms($rating), null))->checks();
    $failed = array_values(array_filter($checks, fn (Check $check): bool => ! $check->holds()));

    expect($checks)->toHaveCount(3)->and(array_map(fn (Check $check): string => $check->what, $failed))->toBe($fails);
    foreach ($failed as $check) {
        expect($check->remedy)->not->toBe('');
    }
})->with([
    'all well' => [0.75, 45.0, 550.0, []],
    'nose-up' => [0.75, 130.0, 550.0, ['Trailer nose-up']],
    'far down, bars too light' => [0.9, -90.0, 90.0, ['Trailer far nose-down', 'Bars past their rating']],
    'straight bars' => [-0.3, 45.0, 550.0, ['Bars show no bend']],
]);
