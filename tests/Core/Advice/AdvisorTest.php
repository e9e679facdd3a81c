<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Setting;
use Yoke\Advice\Action;
use Yoke\Advice\Advisor;
use Yoke\Advice\Policy;
use Yoke\Advice\Reasons;
use Yoke\Advice\Recommendation;
use Yoke\Advice\SettingForecast;
use Yoke\Constraint\BarRating;
use Yoke\Constraint\Constraint;
use Yoke\Estimation\Estimation;
use Yoke\Estimation\Posterior;
use Yoke\Estimation\ReadingContext;
use Yoke\Estimation\RigPrior;
use Yoke\Family\Families;
use Yoke\Family\HitchMeasures;
use Yoke\Method\Band;
use Yoke\Method\Criterion;
use Yoke\Statics\Attitude;
use Yoke\Units\Load;

function hitch(string $family = 'chain-snap-up'): Adjusters
{
    return Families::get($family)->adjusters(new HitchMeasures);
}

/** What is known after alone, dropped and the middle setting were read so often, for a middle that truly puts back a share. */
function knowing(float $share, int $times = 1, float $doubt = 1.0, ?RigPrior $prior = null): Posterior
{
    $prior ??= Priors::rig(0.2, 20.0, 25.0);
    $rig = $prior->likelyRig();
    $readings = new Readings($rig, $rig->tensionFor($share), null, $doubt);
    $observations = [];
    for ($i = 0; $i < $times; $i++) {
        array_push($observations, ...$readings->threeStances());
    }

    return (new Estimation($prior, $observations))->posterior();
}

/** @param  list<Constraint>  $obstacles */
function advise(Posterior $posterior, ?Setting $present, int $readings = 1, array $obstacles = [], string $family = 'chain-snap-up'): Recommendation
{
    return (new Advisor(hitch($family), hitch($family)->middle(), Band::usual(), $obstacles))->advise($posterior, $present, $readings);
}

it('stops where the present setting is surely in band', function (): void {
    $advised = advise(knowing(0.75, 4, 0.5), hitch()->middle());

    expect($advised->move)->toBe(Action::Stop)
        ->and($advised->outlook->setting->equals(hitch()->middle()))->toBeTrue()
        ->and($advised->outlook->chance)->toBeGreaterThan(0.96)
        ->and($advised->outlook->minutes)->toBe(0);
});

it('reads again while the present setting is middling, and decides after a few', function (): void {
    $posterior = knowing(0.94);
    $first = advise($posterior, hitch()->middle(), 1);
    $last = advise($posterior, hitch()->middle(), 4);

    expect($first->present?->chance)->toBeGreaterThan(0.6)->toBeLessThan(0.96)
        ->and($first->move)->toBe(Action::ReadAgain)
        ->and($last->move)->not->toBe(Action::ReadAgain);
});

it('sets the links right where the bars are off, whichever way', function (float $share, int $way): void {
    $present = hitch()->middle();
    $advised = advise(knowing($share, 3, 0.6), $present);

    expect($advised->move)->toBe(Action::Set)
        ->and(($advised->outlook->setting->step('link') <=> $present->step('link')))->toBe($way)
        ->and($advised->outlook->chance)->toBeGreaterThan(0.8);
})->with(['short' => [0.25, 1], 'over' => [1.35, -1]]);

it('leaves the washers alone where a link will do', function (): void {
    foreach ([0.15, 0.3, 0.4, 1.15, 1.3] as $share) {
        $advised = advise(knowing($share, 3, 0.6), hitch()->middle());
        expect($advised->move)->toBe(Action::Set)
            ->and($advised->outlook->setting->step('washer'))->toBe(hitch()->middle()->step('washer'))
            ->and($advised->outlook->setting->step('head'))->toBe(hitch()->middle()->step('head'))
            ->and($advised->outlook->minutes)->toBe(6);
    }
});

it('never advises what may well leave the front over-restored', function (): void {
    foreach ([[0.2, 1, 2.0], [0.5, 1, 1.5], [0.9, 2, 1.0], [1.2, 1, 2.5]] as [$share, $times, $doubt]) {
        $advised = advise(knowing($share, $times, $doubt), hitch()->middle());
        foreach ($advised->ranking as $outlook) {
            expect($outlook->isOpen())->toBe($outlook->over <= 0.10 && $outlook->excluded === '');
        }
        if ($advised->move === Action::Set) {
            expect($advised->outlook->over)->toBeLessThanOrEqual(0.10)->and($advised->ranking[0])->toBe($advised->outlook);
        }
    }
});

it('knows less of a setting the farther it is from what was read', function (): void {
    $ranking = advise(knowing(0.75, 2), hitch()->middle())->ranking;
    $doubt = fn (float $link): float => array_values(array_filter($ranking, fn (SettingForecast $outlook): bool => $outlook->setting->step('link') === $link && $outlook->setting->step('washer') === 3.0))[0]->share->deviation();

    expect($doubt(4.0))->toBeLessThan($doubt(5.0))->and($doubt(5.0))->toBeLessThan($doubt(7.0));
});

it('works the whole grid before the first hook-up, where nothing costs', function (): void {
    $prior = Priors::rig(0.15, 15.0, 6.0);
    $advised = advise((new Estimation($prior, (new Readings($prior->likelyRig(), 15.0))->heights(ReadingContext::alone())))->posterior(), null, 0);

    expect($advised->move)->toBe(Action::Set)->and($advised->present)->toBeNull()
        ->and($advised->ranking)->toHaveCount(17 * 7)
        ->and(array_sum(array_map(fn (SettingForecast $outlook): int => $outlook->minutes, $advised->ranking)))->toBe(0)
        ->and($advised->outlook->chance)->toBe(max(array_map(fn (SettingForecast $outlook): float => $outlook->isOpen() ? $outlook->chance : 0.0, $advised->ranking)));
});

it('breaks no rating and meets no obstacle', function (): void {
    $bars = new class implements Constraint
    {
        public function against(Setting $setting, Attitude $carried): string
        {
            return $setting->step('link') > 3.0 ? 'a made-up rule' : '';
        }
    };
    $advised = advise(knowing(0.3, 3, 0.6), hitch()->middle(), 1, [$bars]);
    $light = advise(knowing(0.3, 3, 0.6), hitch()->middle(), 1, [new BarRating(Load::ofKilograms(60.0))]);

    expect($advised->outlook->setting->step('link'))->toBeLessThanOrEqual(3.0)
        ->and(array_filter($advised->ranking, fn (SettingForecast $outlook): bool => $outlook->excluded === 'a made-up rule'))->not->toBeEmpty()
        ->and($light->move)->toBe(Action::Cannot)
        ->and((new Reasons($light, Band::usual()))->because())->toContain('past their rating');
});

it('says when a hitch cannot reach the band, and what would', function (float $share, string $remedy): void {
    $family = 'tension-chain';
    $adjusters = Families::get($family)->adjusters(new HitchMeasures(pitchMm: 1.0, steps: 6));
    $advised = (new Advisor($adjusters, $adjusters->middle(), Band::usual()))->advise(knowing($share, 4, 0.5), $adjusters->middle(), 4);

    expect($advised->outlook->chance)->toBeLessThan(0.2)
        ->and($advised->move)->toBe(Action::Cannot)
        ->and((new Reasons($advised, Band::usual()))->because())->toContain($remedy);
})->with(['too little' => [0.05, 'stiffer bars'], 'too much' => [1.6, 'lighter bars']]);

it('takes tension and head as a pair where the trailer stands off level', function (float $ball, int $way): void {
    $prior = Priors::rig(0.05, 20.0, 6.0, null, $ball);
    $advised = advise(knowing(0.75, 6, 0.3, $prior), hitch()->middle(), 4);

    expect($advised->present?->standsLevel())->toBeFalse()
        ->and($advised->move)->toBe(Action::Set)
        ->and($advised->outlook->setting->step('head') <=> hitch()->middle()->step('head'))->toBe($way)
        ->and($advised->outlook->standsLevel())->toBeTrue()
        ->and($advised->outlook->chance)->toBeGreaterThan(0.9);
})->with(['nose-up: lower the head' => [110.0, -1], 'far nose-down: raise it' => [-75.0, 1]]);

it('explains each move in a sentence', function (Posterior $posterior, int $readings, string $says): void {
    $advised = advise($posterior, hitch()->middle(), $readings);

    expect((new Reasons($advised, Band::usual()))->because())->toContain($says)->toEndWith('.');
})->with([
    'set' => [fn () => knowing(0.25, 3, 0.6), 1, 'likeliest in band for its minutes'],
    'stop' => [fn () => knowing(0.75, 4, 0.5), 1, 'good enough'],
    'read again' => [fn () => knowing(0.94), 1, 'A second reading costs a minute'],
]);

it('follows the shop in when enough is enough', function (): void {
    $advisor = fn (Policy $policy): Advisor => new Advisor(hitch(), hitch()->middle(), Band::usual(), [], $policy);
    $posterior = knowing(0.94);
    $move = fn (Policy $policy, int $readings): Action => $advisor($policy)->advise($posterior, hitch()->middle(), $readings)->move;

    expect($move(new Policy(sure: 0.6, overUnsure: 0.5), 1))->toBe(Action::Stop)
        ->and($move(new Policy(readings: 1, goodEnough: 0.6), 1))->toBe(Action::Stop)
        ->and($move(new Policy(readings: 9), 8))->toBe(Action::ReadAgain);
});

it('lets another school govern, and never past full return', function (Criterion $aim, float $ball): void {
    $prior = Priors::rig(0.05, 20.0, 6.0, null, $ball);
    $rig = $prior->likelyRig();
    $readings = new Readings($rig, $rig->tensionFor(0.4), null, 0.3);
    $posterior = (new Estimation($prior, [...$readings->threeStances(), ...$readings->threeStances()]))->posterior();
    $advised = (new Advisor(hitch(), hitch()->middle(), Band::usual(), [], new Policy, $aim))->advise($posterior, hitch()->middle(), 4);
    $outlook = $advised->outlook;
    $carried = $posterior->rig($outlook->ballOffset)->carried($posterior->tension() + $outlook->tensionOffset);
    [$from, $to] = $aim->bounds(Band::usual());

    if ($advised->move === Action::Cannot) {
        expect((new Reasons($advised, Band::usual(), $aim))->because())->toContain('is not to be met on this rig');
    } else {
        expect($advised->move)->toBe(Action::Set)
            ->and($aim->quantity($carried, Band::usual()))->toBeGreaterThan($from)->toBeLessThan($to)
            ->and($carried->frontRestored())->toBeLessThan(1.0);
    }
    expect($advised->move)->toBe($aim === Criterion::EqualSquat || $ball < 0.0 ? Action::Cannot : Action::Set);
})->with([
    'axle scale' => [Criterion::AxleScale, 45.0],
    'ball load' => [Criterion::BallLoad, 45.0],
    'coupler height' => [Criterion::CouplerHeight, 52.0],
    'equal squat, not to be met' => [Criterion::EqualSquat, 45.0],
]);

it('counts a setting in band by the quantity of the school that governs', function (): void {
    $rig = Priors::rig()->likelyRig();
    $carried = $rig->carried($rig->tensionFor(0.75));

    expect(Criterion::FrontRestoration->quantity($carried, Band::usual()))->toEqualWithDelta(0.75, 1e-9)
        ->and(Criterion::BallLoad->quantity($carried, Band::usual()))->toEqualWithDelta(0.0, 0.03)
        ->and(Criterion::EqualSquat->quantity($carried, Band::usual()))->toBe($carried->frontRise() - $carried->rearRise())
        ->and(Criterion::CouplerHeight->quantity($carried, Band::usual()))->toBe($carried->ballRise())
        ->and(Criterion::AxleScale->bounds(Band::of(0.2, 0.6)))->toBe([0.2, 0.6]);
});
