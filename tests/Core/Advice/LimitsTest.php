<?php

declare(strict_types=1);

use Tests\Core\Advice\GivenFit;
use Tests\Core\Advice\Knowing;
use Tests\Core\Estimation\Priors;
use Yoke\Job\Analysis\JobAnalysis;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\FindingKind;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\Reason;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Advice\StanceEvaluator;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Advice\TensionAdvice;
use Yoke\Judgement\Advice\TensionDirection;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\HitchMeasures;

/** A policy that lets nothing but what is named decide. */
function decidedBy(float ...$limits): StoppingRules
{
    return new StoppingRules(
        ...[
            'sure' => 2.0,
            'overUnsure' => 1.0,
            'goodEnough' => 2.0,
            'hopeless' => 0.0,
            'worthReading' => 2.0,
            ...$limits,
        ],
    );
}

function advisedOn(Posterior $posterior, StoppingRules $policy, int $readings = 1): Recommendation
{
    return Knowing::advise($posterior, Knowing::hitch()->middle(), $readings, policy: $policy);
}

it('decides on the very limit of the shop\'s policy, and not beyond it', function (): void {
    $posterior = Knowing::rig(0.55, 1, 2.0);
    $now = advisedOn($posterior, new StoppingRules())->present;
    $best = advisedOn($posterior, decidedBy())->forecast;
    $near = 1e-9;

    expect($now->chance)
        ->toBeGreaterThan(0.5)
        ->toBeLessThan($best->chance)
        ->and(advisedOn($posterior, decidedBy(sure: $now->chance))->action)
        ->toBe(Action::Stop)
        ->and(advisedOn($posterior, decidedBy(sure: $now->chance + $near))->action)
        ->toBe(Action::Set)
        ->and(advisedOn($posterior, decidedBy(sure: $now->chance, overUnsure: $now->over))->action)
        ->toBe(Action::Stop)
        ->and(advisedOn($posterior, decidedBy(sure: $now->chance, overUnsure: $now->over - $near))->action)
        ->toBe(Action::Set)
        ->and(advisedOn($posterior, decidedBy(worthReading: $now->chance))->action)
        ->toBe(Action::ReadAgain)
        ->and(advisedOn($posterior, decidedBy(worthReading: $now->chance + $near))->action)
        ->toBe(Action::Set)
        ->and(advisedOn($posterior, decidedBy(worthReading: $now->chance), 3)->action)
        ->toBe(Action::Set)
        ->and(advisedOn($posterior, decidedBy(worthReading: $now->chance), 2)->action)
        ->toBe(Action::ReadAgain)
        ->and(advisedOn($posterior, decidedBy(goodEnough: $now->chance))->action)
        ->toBe(Action::Stop)
        ->and(advisedOn($posterior, decidedBy(goodEnough: $now->chance))->reason)
        ->toBe(Reason::GoodEnough)
        ->and(advisedOn($posterior, decidedBy(goodEnough: $now->chance + $near))->action)
        ->toBe(Action::Set)
        ->and(advisedOn($posterior, decidedBy(hopeless: $best->chance))->reason)
        ->not->toBe(Reason::BestChance)
        ->and(advisedOn($posterior, decidedBy(hopeless: $best->chance - $near))->reason)
        ->toBe(Reason::BestChance);
});

it('never advises a setting past the over-restoring limit by a hair', function (): void {
    $posterior = Knowing::rig(0.6, 2, 1.5);
    $one = array_values(
        array_filter(
            advisedOn($posterior, new StoppingRules())->ranking,
            fn (SettingForecast $forecast): bool => $forecast->over > 0.01 && $forecast->over < 0.2,
        ),
    )[0];
    $isOpen = fn (float $limit): bool => array_values(
        array_filter(
            advisedOn($posterior, new StoppingRules(overAllowed: $limit, overInTheYard: $limit))->ranking,
            fn (SettingForecast $forecast): bool => $forecast->setting->equals($one->setting),
        ),
    )[0]->isOpen();

    expect($isOpen($one->over))->toBeTrue()->and($isOpen($one->over - 1e-9))->toBeFalse();
});

it('measures a best setting again before it is left undecided, and then says what it is worth', function (): void {
    $posterior = Knowing::rig(0.55, 1, 2.0);
    $undecided = advisedOn($posterior, decidedBy(minute: 0.1), 1);
    $decided = advisedOn($posterior, decidedBy(minute: 0.1), 4);

    expect($undecided->present->chance)
        ->toBeLessThan(Chances::SURE)
        ->and([$undecided->action, $undecided->reason])
        ->toBe([Action::ReadAgain, Reason::ReadingIsCheaper])
        ->and([$decided->action, $decided->reason])
        ->toBe([Action::Stop, Reason::NothingBetter])
        ->and($decided->forecast)
        ->toBe($decided->present);
    $sure = advisedOn(Knowing::rig(0.75, 2, 1.0), decidedBy(minute: 0.1), 1);
    expect($sure->present->chance)
        ->toBeGreaterThan(Chances::SURE)
        ->and([$sure->action, $sure->reason])
        ->toBe([Action::Stop, Reason::GoodEnough]);
});

it('says of a hitch that cannot reach the range whether it is too weak or too strong', function (
    float $share,
    Reason $reason,
): void {
    $hitch = Knowing::hitch(measures: new HitchMeasures(pitchMm: 2.0, steps: 3, tiltDegrees: 0.05, tiltSteps: 3));
    $end = fn (string $adjuster): float => $share < 0.5
        ? max($hitch->get($adjuster)->range->all())
        : min($hitch->get($adjuster)->range->all());
    $advised = Knowing::advise(
        Knowing::rig($share, 3, 0.5),
        $hitch->middle()->with('link', $end('link'))->with('washer', $end('washer')),
        4,
        hitch: $hitch,
    );
    [$most, $least] = [$advised->reach()->high, $advised->reach()->low];

    expect($advised->reason)
        ->toBe($reason)
        ->and($most)
        ->toBeGreaterThan($least)
        ->and($reason === Reason::TooWeak ? $most < 0.5 : $least > 1.0)
        ->toBeTrue();
})->with(['weak' => [0.2, Reason::TooWeak], 'strong' => [1.4, Reason::TooStrong]]);

it('names runners-up from the chance that is worth saying on, never the one that is advised', function (): void {
    $advised = advisedOn(Knowing::rig(0.3, 2, 1.0), new StoppingRules());
    $second = $advised->runnersUp(1, 0.0)[0];

    expect($advised->runnersUp(1, $second->chance))
        ->toHaveCount(1)
        ->and(
            array_filter(
                $advised->runnersUp(50, 0.0),
                fn (SettingForecast $one): bool => $one->setting->equals($advised->forecast->setting) || ! $one->isOpen(),
            ),
        )
        ->toBe([])
        ->and($advised->runnersUp(3, 0.0))
        ->toHaveCount(3);
});

it('directs the tension by the range\'s own edges, and gives the heights of both', function (
    float $share,
    TensionDirection $direction,
): void {
    $posterior = Knowing::rig($share, 3, 0.3);
    $advice = TensionAdvice::of(new StanceEvaluator($posterior, usualGoal()), new CurrentSetting(null, 0.0, 0.0));
    $front = fn (float $of): float => $posterior
        ->height(Yoke\Rig\Parts\Axle::Front, fn (CoupledRig $rig): float => $rig->taut($rig->tensionFor($of))->frontRise()->millimetres())
        ->mean();

    expect($advice->direction)
        ->toBe($direction)
        ->and($advice->target->mean())
        ->toEqualWithDelta($front(0.75), 1e-6)
        ->and([$advice->lowest, $advice->highest])
        ->toEqualWithDelta([$front(1.0), $front(0.5)], 1e-6)
        ->and($advice->toGo <=> 0.0)
        ->toBe($share < 0.75 ? -1 : 1);
})->with([
    'below' => [0.45, TensionDirection::More],
    'just inside' => [0.55, TensionDirection::None],
    'inside, high' => [0.95, TensionDirection::None],
    'above' => [1.05, TensionDirection::Less],
]);

it('asks for tension before anything is carried, at the reference and the planned ball', function (): void {
    $stances = new StanceEvaluator((new Estimation(Priors::rig(), []))->posterior(), usualGoal());
    $advice = TensionAdvice::of($stances, null);
    $same = TensionAdvice::of($stances, new CurrentSetting(null, 0.0, 0.0));

    expect($advice->direction)
        ->toBe(TensionDirection::More)
        ->and($advice->toGo)
        ->toBeNull()
        ->and($advice->target->mean())
        ->toBe($same->target->mean());
});

it('offers each other hole of the head once, and not the one that is on', function (): void {
    $hitch = Knowing::hitch();
    $settings = new HitchSettings($hitch, $hitch->middle(), []);
    $on = $hitch->middle()->step('head');
    $heads = array_map(fn (Setting $setting): float => $setting->step('head'), $settings->otherHeads($hitch->middle()));

    expect($heads)
        ->not->toContain($on)
        ->and($heads)
        ->toHaveCount(count(array_unique($heads)))
        ->and(count($heads) + 1)
        ->toBe(count($hitch->get('head')->range->all()));
});

it('finds a front over-restored, and nothing that is less likely than not', function (): void {
    $found = fn (float $share): array => (new JobAnalysis(
        Priors::rig(0.2, 20.0, 25.0),
        [],
        usualGoal(),
        new StoppingRules(),
        null,
        new CurrentSetting(null, 0.0, 0.0),
        new GivenFit(Knowing::rig($share, 3, 0.5)),
    ))->findings();

    expect(array_column($found(1.3), 'kind'))
        ->toContain(FindingKind::OverRestored)
        ->and(array_column($found(0.75), 'kind'))
        ->not->toContain(FindingKind::OverRestored)
        ->and(array_is_list($found(1.3)))
        ->toBeTrue();
    foreach ([0.2, 0.6, 0.97, 1.05] as $share) {
        foreach ($found($share) as $finding) {
            expect($finding->chance)->toBeGreaterThanOrEqual(0.5)->toBeLessThanOrEqual(1.0);
        }
    }
});

it('lets a hook-up that is read in the yard risk more than what stands to be driven', function (): void {
    $seen = ['on' => 0, 'yard' => 0];
    foreach ([0.6, 0.75, 0.85, 0.9, 0.95] as $share) {
        foreach ([1.0, 1.5, 2.0] as $doubt) {
            $advised = advisedOn(Knowing::rig($share, 2, $doubt), new StoppingRules());
            $on = $advised->present;
            // Nothing that stands there with more than a chance in ten of too much is left so.
            $seen['on'] += $on->over > 0.1 && $on->over <= 0.25 ? 1 : 0;
            expect($on->over > 0.1 && $advised->action === Action::Stop)->toBeFalse();
            if ($on->over > 0.1) {
                expect($on->excluded)->toBe(Exclusion::OverRestored);
            }
            foreach ($advised->ranking as $forecast) {
                $isElsewhere = ! $forecast->setting->equals($on->setting);
                $seen['yard'] += $isElsewhere && $forecast->over > 0.1 && $forecast->isOpen() ? 1 : 0;
            }
            // What is driven without being read keeps the limit of the road.
            $unread = advisedOn(Knowing::rig($share, 2, $doubt), (new StoppingRules())->unread());
            foreach ($unread->ranking as $forecast) {
                expect($forecast->isOpen() && $forecast->over > 0.1)->toBeFalse();
            }
        }
    }
    expect($seen['on'])->toBeGreaterThan(0)->and($seen['yard'])->toBeGreaterThan(10);
});

it('counts no share below nothing, nor a chance past what over-restoring leaves', function (): void {
    foreach ([0.0, 0.02, 0.5, 0.98, 1.2] as $share) {
        foreach (advisedOn(Knowing::rig($share, 1, 2.0), new StoppingRules())->ranking as $forecast) {
            expect($forecast->share()->mean())
                ->toBeGreaterThanOrEqual(0.0)
                ->and($forecast->chance)
                ->toBeLessThanOrEqual(1.0 - $forecast->over)
                ->and($forecast->excluded === Exclusion::OverRestored)
                ->toBe($forecast->over > ($forecast->setting->equals(Knowing::hitch()->middle()) ? 0.1 : 0.25));
        }
    }
    expect(TargetRange::usual()->ceiling())->toBe(1.0);
});
