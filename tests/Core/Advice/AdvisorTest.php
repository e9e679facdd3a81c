<?php

declare(strict_types=1);

use Tests\Core\Advice\Knowing;
use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\MoveWorth;
use Yoke\Judgement\Advice\Reason;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Constraint\BarRating;
use Yoke\Judgement\Constraint\Constraint;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\LevellingLoss;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\HitchMeasures;

function middle(): Setting
{
    return Knowing::hitch()->middle();
}

it('stops where the present setting is surely in range', function (): void {
    $advised = Knowing::advise(Knowing::rig(0.75, 4, 0.5), middle());

    expect($advised->action)
        ->toBe(Action::Stop)
        ->and($advised->reason)
        ->toBe(Reason::GoodEnough)
        ->and($advised->forecast->setting->equals(middle()))
        ->toBeTrue()
        ->and($advised->forecast->chance)
        ->toBeGreaterThan(0.96)
        ->and($advised->forecast->minutes)
        ->toBe(0)
        ->and($advised->worth())
        ->toBeNull();
});

it('does not stop while the front may be heavier than it may, however likely in range', function (): void {
    $posterior = Knowing::rig(0.92, 3, 1.0);
    $sure = Knowing::advise($posterior, middle(), 1);
    $careless = Knowing::advise($posterior, middle(), 1, policy: new StoppingRules(overUnsure: 0.2));

    expect($sure->present->chance)
        ->toBeGreaterThan(0.96)
        ->and($sure->present->over)
        ->toBeGreaterThan(0.01)
        ->and($sure->action)
        ->toBe(Action::ReadAgain)
        ->and($careless->action)
        ->toBe(Action::Stop);
});

it('moves to the middle of the range rather than to its upper end, for what nobody sees', function (): void {
    $posterior = Knowing::rig(0.3, 4, 0.5);
    $share = fn (float $unseen): float => Knowing::advise(
        $posterior,
        middle(),
        4,
        policy: new StoppingRules(unseen: $unseen),
    )
        ->forecast->share()
        ->mean();

    expect($share(0.2))
        ->toBeLessThanOrEqual($share(0.0))
        ->toBeGreaterThan(0.5)
        ->and($share(0.1))
        ->toBeGreaterThan(0.5)
        ->toBeLessThan(0.9);
});

it('reads again while the present setting is middling, and decides after a few', function (): void {
    $posterior = Knowing::rig(0.94);
    $first = Knowing::advise($posterior, middle(), 1);
    $last = Knowing::advise($posterior, middle(), 4);

    expect($first->present?->chance)
        ->toBeGreaterThan(0.6)
        ->toBeLessThan(0.96)
        ->and($first->action)
        ->toBe(Action::ReadAgain)
        ->and($first->reason)
        ->toBe(Reason::ReadingIsCheaper)
        ->and($last->action)
        ->not->toBe(Action::ReadAgain);
});

it('sets the links right where the bars are off, whichever way, and says what that is worth', function (
    float $share,
    int $way,
): void {
    $advised = Knowing::advise(Knowing::rig($share, 3, 0.6), middle());
    $worth = $advised->worth();

    expect($advised->action)
        ->toBe(Action::Set)
        ->and($advised->reason)
        ->toBe(Reason::BestChance)
        ->and($advised->forecast->setting->step('link') <=> 4.0)
        ->toBe($way)
        ->and($advised->forecast->chance)
        ->toBeGreaterThan(0.8)
        ->and($worth)
        ->toBeInstanceOf(MoveWorth::class)
        ->and($worth->front <=> 0.0)
        ->toBe($way)
        ->and($worth->trailer <=> 0.0)
        ->toBe($way)
        ->and($worth->rear <=> 0.0)
        ->toBe(-$way)
        ->and($worth->front + $worth->rear + $worth->trailer)
        ->toEqualWithDelta(0.0, 1e-6);
})->with(['too little' => [0.25, 1], 'too much' => [1.35, -1]]);

it('leaves the washers alone where a link will do', function (): void {
    foreach ([0.15, 0.3, 0.4, 1.15, 1.3] as $share) {
        $advised = Knowing::advise(Knowing::rig($share, 3, 0.6), middle());
        expect($advised->action)
            ->toBe(Action::Set)
            ->and($advised->forecast->setting->changesTo(middle()))
            ->toBe(['link'])
            ->and($advised->forecast->minutes)
            ->toBe(6);
    }
});

it('changes one adjuster where one alone gets there, though a pair would be likelier', function (float $share): void {
    $hitch = Knowing::hitch(measures: new HitchMeasures(pitchMm: 40.0, tiltDegrees: 0.5));
    $cheap = new StoppingRules(minute: 0.0);
    $advised = Knowing::advise(Knowing::rig($share, 2, 1.0), $hitch->middle(), 4, hitch: $hitch, policy: $cheap);
    $pairs = array_filter(
        $advised->ranking,
        fn (SettingForecast $one): bool => $one->isOpen() && count($hitch->middle()->changesTo($one->setting)) === 2,
    );

    expect($advised->action)
        ->toBe(Action::Set)
        ->and($hitch->middle()->changesTo($advised->forecast->setting))
        ->toHaveCount(1)
        ->and(max(array_map(fn (SettingForecast $one): float => $one->chance, $pairs)))
        ->toBeGreaterThan($advised->forecast->chance);
})->with([0.25, 0.35, 1.3]);

it('changes two where no single one gets there', function (): void {
    $hitch = Knowing::hitch(measures: new HitchMeasures(pitchMm: 6.0, steps: 4, tiltDegrees: 0.5, tiltSteps: 4));
    $advised = Knowing::advise(Knowing::rig(0.05, 3, 0.5), $hitch->middle(), 4, hitch: $hitch);
    $single = array_filter(
        $advised->ranking,
        fn (SettingForecast $one): bool => $one->isOpen() && count($hitch->middle()->changesTo($one->setting)) <= 1,
    );

    expect(max(array_map(fn (SettingForecast $one): float => $one->chance, $single)))
        ->toBeLessThan(0.75)
        ->and($hitch->middle()->changesTo($advised->forecast->setting))
        ->toHaveCount(2);
});

it('asks no washer of a rig that is in range', function (): void {
    $links = new HitchMeasures(pitchMm: 200.0, steps: 2, tiltDegrees: 0.4, tiltSteps: 8);
    $hitch = Knowing::hitch('cam-bar', $links);
    $eager = new StoppingRules(minute: 0.0, goodEnough: 0.999, sure: 0.9999, readings: 1);
    $advised = Knowing::advise(Knowing::rig(0.54, 1, 0.8), $hitch->middle(), 4, hitch: $hitch, policy: $eager);

    expect($advised->present->chance)
        ->toBeGreaterThan(0.75)
        ->toBeLessThan(0.999)
        ->and($advised->ranking[0]->chance)
        ->toBeGreaterThan($advised->present->chance)
        ->and($advised->ranking[0]->setting->step('washer'))
        ->not->toBe($hitch->middle()->step('washer'))
        ->and($advised->forecast->setting->step('washer'))
        ->toBe($hitch->middle()->step('washer'));
});

it('never advises what may well leave the front over-restored, by the shop\'s own limit', function (
    float $limit,
): void {
    foreach ([[0.2, 1, 2.0], [0.5, 1, 1.5], [0.9, 2, 1.0], [1.2, 1, 2.5]] as [$share, $times, $doubt]) {
        $advised = Knowing::advise(
            Knowing::rig($share, $times, $doubt),
            middle(),
            policy: new StoppingRules(overAllowed: $limit, overInTheYard: $limit),
        );
        foreach ($advised->ranking as $forecast) {
            expect($forecast->isOpen())
                ->toBe($forecast->over <= $limit)
                ->and($forecast->excluded)
                ->toBe($forecast->over <= $limit ? null : Exclusion::OverRestored)
                ->and($forecast->chance)
                ->toBeLessThanOrEqual(1.0 - $forecast->over + 1e-12);
        }
        if ($advised->action === Action::Set) {
            expect($advised->forecast->over)->toBeLessThanOrEqual($limit);
        }
    }
})->with([0.1, 0.03, 0.25]);

it('holds the first setting to the same limit', function (): void {
    $posterior = (new Estimation(Priors::rig(0.2, 40.0, 25.0), []))->posterior();
    $usual = Knowing::advise($posterior, null, 0);
    $strict = Knowing::advise($posterior, null, 0, policy: new StoppingRules(overAllowed: 0.02, overInTheYard: 0.02));

    expect($usual->forecast->over)
        ->toBeLessThanOrEqual(0.25)
        ->toBeGreaterThan(0.02)
        ->and($strict->forecast->over)
        ->toBeLessThanOrEqual(0.02)
        ->and($strict->forecast->tensionOffset)
        ->toBeLessThan($usual->forecast->tensionOffset);
});

it('knows less of a setting the farther it is from what was read', function (): void {
    $ranking = Knowing::advise(Knowing::rig(0.75, 2), middle())->ranking;
    $doubt = fn (float $link): float => array_values(
        array_filter(
            $ranking,
            fn (SettingForecast $one): bool => $one->setting->step('link') === $link &&
                $one->setting->step('washer') === 3.0,
        ),
    )[0]
        ->share()
        ->deviation();

    expect($doubt(4.0))->toBeLessThan($doubt(5.0))->and($doubt(5.0))->toBeLessThan($doubt(7.0));
});

it('predicts along the tension what the model says setting by setting', function (): void {
    $posterior = Knowing::rig(0.6, 2);
    foreach (Knowing::advise($posterior, middle())->ranking as $forecast) {
        $share = $posterior->predict(
            fn ($rig, float $tension): float => $rig->taut($tension + $forecast->tensionOffset)->frontRestored(),
        );
        expect($forecast->stance->quantities->share->mean())
            ->toEqualWithDelta($share->mean(), 1e-9)
            ->and($forecast->stance->quantities->share->deviation())
            ->toEqualWithDelta($share->deviation(), 1e-7);
    }
});

it('works the whole grid before the first hook-up, where nothing costs', function (): void {
    $prior = Priors::rig(0.15, 15.0, 6.0);
    $advised = Knowing::advise(
        (new Estimation(
            $prior,
            (new Readings($prior->likelyRig(), 15.0))->heights(ReadingContext::alone()),
        ))->posterior(),
        null,
        0,
    );

    expect($advised->action)
        ->toBe(Action::Set)
        ->and($advised->present)
        ->toBeNull()
        ->and($advised->ranking)
        ->toHaveCount(17 * 7)
        ->and(array_sum(array_map(fn (SettingForecast $one): int => $one->minutes, $advised->ranking)))
        ->toBe(0)
        ->and($advised->forecast->chance)
        ->toBe(
            max(array_map(fn (SettingForecast $one): float => $one->isOpen() ? $one->chance : 0.0, $advised->ranking)),
        );
});

it('breaks no rating and no other limit', function (): void {
    $rule = new class implements Constraint
    {
        public function against(Setting $setting, Attitude $carried): ?Exclusion
        {
            return $setting->step('link') > 3.0 ? Exclusion::TipsTooLow : null;
        }
    };
    $advised = Knowing::advise(Knowing::rig(0.3, 3, 0.6), middle(), 1, [$rule]);
    $light = Knowing::advise(Knowing::rig(0.3, 3, 0.6), middle(), 4, [new BarRating(Load::ofKilograms(60.0))]);
    $none = Knowing::advise(Knowing::rig(0.3, 3, 0.6), middle(), 4, [new BarRating(Load::ofKilograms(0.001))]);

    expect($advised->forecast->setting->step('link'))
        ->toBeLessThanOrEqual(3.0)
        ->and($advised->excluded()['tips_too_low'])
        ->toBeGreaterThan(0)
        ->and($light->forecast->stance->carried->barLoad()->kilograms())
        ->toBeLessThanOrEqual(120.0)
        ->and($light->reason)
        ->toBe(Reason::NearestAllowed)
        ->and($none->forecast->stance->carried->barLoad()->kilograms())
        ->toBeLessThanOrEqual(0.002);
});

it('goes to the nearest allowed setting where a hitch cannot reach the range, and says what would', function (
    float $share,
    Reason $reason,
    float $link,
): void {
    $adjusters = Knowing::hitch('tension-chain', new HitchMeasures(pitchMm: 1.0, steps: 6));
    $key = $adjusters->all()[0]->key;
    $moved = Knowing::advise(Knowing::rig($share, 4, 0.5), $adjusters->middle(), 4, hitch: $adjusters);
    $there = Knowing::advise(Knowing::rig($share, 4, 0.5), $moved->forecast->setting, 4, hitch: $adjusters);

    expect($moved->forecast->chance)
        ->toBeLessThan(0.2)
        ->and($moved->action)
        ->toBe(Action::Set)
        ->and($moved->reason)
        ->toBe(Reason::NearestAllowed)
        ->and($moved->forecast->setting->step($key))
        ->toBe($link)
        ->and($there->action)
        ->toBe(Action::Cannot)
        ->and($there->reason)
        ->toBe($reason);
})->with(['too little' => [0.05, Reason::TooWeak, 6.0]]);

it('says when even the loosest setting is too much', function (): void {
    $adjusters = Knowing::hitch('tension-chain', new HitchMeasures(pitchMm: 1.0, steps: 6));
    $advised = Knowing::advise(Knowing::rig(1.6, 4, 0.5), $adjusters->middle(), 4, hitch: $adjusters);

    expect($advised->action)
        ->toBe(Action::Cannot)
        ->and($advised->reason)
        ->toBe(Reason::TooStrong)
        ->and($advised->reach()->low)
        ->toBeGreaterThan(1.0);
});

it('takes tension and head as a pair where the trailer stands off level', function (float $ball, int $way): void {
    $prior = Priors::rig(0.05, 20.0, 6.0, null, $ball);
    $advised = Knowing::advise(Knowing::rig(0.75, 6, 0.3, $prior), middle(), 4);
    $level = fn (SettingForecast $one): bool => (new Tolerances())->standsLevel($one->trailerPitch());

    expect($level($advised->present))
        ->toBeFalse()
        ->and($advised->action)
        ->toBe(Action::Set)
        ->and($advised->reason)
        ->toBe(Reason::LevelsTheTrailer)
        ->and($advised->forecast->setting->step('head') <=> middle()->step('head'))
        ->toBe($way)
        ->and($level($advised->forecast))
        ->toBeTrue()
        ->and($advised->forecast->chance)
        ->toBeGreaterThan(0.9);
})->with(['nose-up: lower the head' => [110.0, -1], 'far nose-down: raise it' => [-75.0, 1]]);

it('levels a trailer only where the front stays good enough', function (): void {
    $prior = Priors::rig(0.05, 20.0, 6.0, null, 110.0);
    $posterior = Knowing::rig(0.75, 6, 0.3, $prior);
    $demanding = Knowing::advise(
        $posterior,
        middle(),
        4,
        policy: new StoppingRules(goodEnough: 1.1, sure: 0.5, overUnsure: 1.0),
    );

    expect($demanding->reason)->not->toBe(Reason::LevelsTheTrailer)->and($demanding->action)->toBe(Action::Stop);
});

it('follows the shop in when enough is enough', function (): void {
    $posterior = Knowing::rig(0.9);
    $action = fn (StoppingRules $policy, int $readings): Action => Knowing::advise(
        $posterior,
        middle(),
        $readings,
        policy: $policy,
    )->action;

    expect($action(new StoppingRules(sure: 0.6, overUnsure: 0.5), 1))
        ->toBe(Action::Stop)
        ->and($action(new StoppingRules(readings: 1, goodEnough: 0.6, overDone: 0.05), 1))
        ->toBe(Action::Stop)
        ->and($action(new StoppingRules(readings: 1, goodEnough: 0.6, overDone: 0.02), 1))
        ->toBe(Action::Set)
        ->and($action(new StoppingRules(readings: 9), 2))
        ->toBe(Action::ReadAgain)
        ->and($action(new StoppingRules(worthReading: 0.99, readings: 9), 1))
        ->not->toBe(Action::ReadAgain);
});

it('raises the range by what levelling takes back', function (): void {
    $posterior = Knowing::rig(0.6, 6, 0.3, Priors::rig(0.05, 20.0, 6.0));
    $off = Knowing::advise($posterior, middle(), 4);
    $goal = new Goal(
        TargetRange::usual(),
        Yoke\Judgement\Method\Criterion::FrontRestoration,
        new Yoke\Judgement\Method\Tolerances(),
        levelling: LevellingLoss::ofTheRear(),
    );
    $on = Knowing::advise($posterior, middle(), 4, goal: $goal);
    $lost = $on->present->stance->quantities->lost;

    expect($off->action)
        ->toBe(Action::Stop)
        ->and($lost)
        ->toBeGreaterThan(0.15)
        ->and($on->present->chance)
        ->toBeLessThan(0.1)
        ->and($on->action)
        ->toBe(Action::Set)
        ->and($on->forecast->tensionOffset)
        ->toBeGreaterThan(0.0)
        ->and($on->forecast->stance->shareOnTheRoad()->mean())
        ->toEqualWithDelta($on->forecast->share()->mean() - $on->forecast->stance->quantities->lost, 1e-9)
        ->and($on->forecast->over)
        ->toBeLessThanOrEqual(0.1);
});

it(
    'lets another school govern, never past full return, and goes to the nearest allowed where it cannot be met',
    function (Criterion $criterion, float $ball, float $share): void {
        $prior = Priors::rig(0.05, 20.0, 6.0, null, $ball);
        $posterior = Knowing::rig($share, 2, 0.3, $prior);
        $goal = usualGoal($criterion);
        $advised = Knowing::advise($posterior, middle(), 4, goal: $goal);
        $quantity = fn (SettingForecast $one): float => $one->stance->quantity()->mean();
        $range = $goal->governing()->range(0.0);
        $distance = fn (SettingForecast $one): float => max(0.0, $range->low - $quantity($one), $quantity($one) - $range->high);

        expect($advised->forecast->isOpen())
            ->toBeTrue()
            ->and($advised->forecast->share()->mean())
            ->toBeLessThan(1.0)
            ->and($distance($advised->forecast))
            ->toBeLessThanOrEqual(
                min(
                    array_map(
                        fn (SettingForecast $one): float => $one->isOpen() &&
                        ($criterion === Criterion::CouplerHeight ||
                            $one->setting->step('head') === middle()->step('head'))
                            ? $distance($one)
                            : INF,
                        $advised->ranking,
                    ),
                ) + ($distance($advised->forecast) === 0.0 ? 0.0 : 1e-9),
            );
        if ($distance($advised->forecast) > 0.0) {
            expect($advised->reason)
                ->toBe(Reason::NearestAllowed)
                ->and($advised->action)
                ->toBeIn([Action::Set, Action::Stop]);
        }
    },
)->with([
    'axle scale' => [Criterion::AxleScale, 45.0, 0.4],
    'ball load' => [Criterion::BallLoad, 45.0, 0.4],
    'coupler height' => [Criterion::CouplerHeight, 52.0, 0.4],
    'equal squat, not to be met' => [Criterion::EqualSquat, 45.0, 0.4],
    'equal squat, over-restored already' => [Criterion::EqualSquat, 45.0, 1.4],
]);

it('moves the head for a coupler that stands low or high', function (float $ball, int $way): void {
    $prior = Priors::rig(0.05, 20.0, 6.0, null, $ball);
    $advised = Knowing::advise(
        Knowing::rig(0.75, 4, 0.3, $prior),
        middle(),
        4,
        goal: usualGoal(Criterion::CouplerHeight),
    );

    expect($advised->action)
        ->toBe(Action::Set)
        ->and($advised->forecast->setting->step('head') <=> middle()->step('head'))
        ->toBe($way)
        ->and(abs($advised->forecast->stance->carried->ballRise()->millimetres()))
        ->toBeLessThan(abs($advised->present->stance->carried->ballRise()->millimetres()));
})->with(['low' => [-5.0, 1], 'high' => [95.0, -1]]);

it('goes past full return only as far as the hitch\'s maker asks', function (): void {
    $posterior = Knowing::rig(0.9, 6, 0.3, Priors::rig(0.05, 20.0, 6.0));
    $makers = new Goal(
        TargetRange::of(0.95, 1.0)->upToMakers(1.3),
        Yoke\Judgement\Method\Criterion::FrontRestoration,
        new Yoke\Judgement\Method\Tolerances(),
    );
    $advised = Knowing::advise($posterior, middle(), 4, goal: $makers);
    $usual = Knowing::advise(
        $posterior,
        middle(),
        4,
        goal: new Goal(
            TargetRange::of(0.95, 1.0),
            Yoke\Judgement\Method\Criterion::FrontRestoration,
            new Yoke\Judgement\Method\Tolerances(),
        ),
    );

    expect($advised->forecast->share()->mean())
        ->toBeGreaterThan(1.0)
        ->toBeLessThan(1.3)
        ->and($usual->forecast->share()->mean())
        ->toBeLessThan(1.0);
});

it('counts what is ruled out, and names the runners-up', function (): void {
    $advised = Knowing::advise(Knowing::rig(0.25, 3, 0.6), middle());
    $others = $advised->runnersUp(3, 0.05);

    expect(array_sum($advised->excluded()))
        ->toBe(count(array_filter($advised->ranking, fn (SettingForecast $one): bool => ! $one->isOpen())))
        ->and($others)
        ->toHaveCount(3);
    foreach ($others as $other) {
        expect($other->isOpen())
            ->toBeTrue()
            ->and($other->chance)
            ->toBeGreaterThanOrEqual(0.05)
            ->and($other->setting->equals($advised->forecast->setting))
            ->toBeFalse();
    }
});

it('moves the head with the tension, and never to where the trailer stands nose-up for it', function (float $ball): void {
    // Whole links of a coarse chain: none of them alone brings the front into range.
    $hitch = Knowing::hitch(measures: new HitchMeasures(pitchMm: 70.0, steps: 6, tiltSteps: 0));
    $prior = Priors::rig(0.05, 20.0, 6.0, null, $ball);
    $tolerances = new Yoke\Judgement\Method\Tolerances;
    foreach ([0.30, 0.38, 1.10, 1.25, 1.40] as $share) {
        $now = $hitch->middle();
        $advised = Knowing::advise(Knowing::rig($share, 4, 0.3, $prior), $now, 4, hitch: $hitch);
        foreach ($advised->ranking as $one) {
            $movesHead = $one->setting->step('head') !== $now->step('head');
            expect($movesHead && count($now->changesTo($one->setting)) > 2)->toBeFalse()
                ->and($movesHead && $tolerances->isNoseUp($one->trailerPitch()) && ! $tolerances->isNoseUp($advised->present->trailerPitch()) && $ball < 40.0)
                ->toBeFalse();
        }
    }
})->with(['low' => [0.0], 'right' => [45.0], 'high' => [95.0]]);

it('reads a hook-up that is good enough a second time, and not a third', function (): void {
    $found = 0;
    for ($share = 0.5; $share < 1.0; $share += 0.01) {
        $posterior = Knowing::rig($share, 2, 1.6);
        $once = Knowing::advise($posterior, middle(), 1);
        if ($once->present->chance < 0.9 || $once->present->chance >= 0.96 || $once->present->over > 0.02) {
            continue;
        }
        $found++;
        expect($once->action)
            ->toBe(Action::ReadAgain)
            ->and(Knowing::advise($posterior, middle(), 2)->action)
            ->toBe(Action::Stop)
            ->and(Knowing::advise($posterior, middle(), 2)->reason)
            ->toBe(Reason::GoodEnough);
    }

    expect($found)->toBeGreaterThan(0);
});

it('begins nearest the middle of the links where first settings are as likely, and says nothing less likely for it', function (): void {
    foreach ([0.55, 0.7, 0.85] as $share) {
        $hitch = Knowing::hitch();
        $advised = Knowing::advise(Knowing::rig($share, 0, 12.0), null);
        $chosen = $advised->forecast;
        $middle = $hitch->get('link')->range->middle();
        $off = fn (SettingForecast $one): float => abs($one->setting->step('link') - $middle);
        $alike = array_filter(
            $advised->ranking,
            fn (SettingForecast $one): bool => $one->isOpen() &&
                $one->chance >= $chosen->chance &&
                $one->setting->step('washer') === $chosen->setting->step('washer') &&
                $one->setting->step('head') === $chosen->setting->step('head'),
        );

        expect($chosen->chance)->toBeGreaterThanOrEqual($advised->ranking[0]->chance - 0.1 - 0.001);
        foreach ($alike as $one) {
            expect($one->chance > $chosen->chance + 0.001 || $off($one) >= $off($chosen))->toBeTrue();
        }
    }
});
