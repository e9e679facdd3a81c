<?php

declare(strict_types=1);

use Tests\Core\Advice\Knowing;
use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\LookMinutes;
use Yoke\Judgement\Advice\Looks;
use Yoke\Judgement\Advice\Reason;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Judgement\Advice\RecheckLog;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Reading\HookUp;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Measuring\Estimation\Stories\Mistake;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Stance;

/**
 * Readings of a rig whose middle setting restores a share: alone and dropped so often, then the hook-up.
 *
 * @param  array<int, float>  $off  by the place of the reading, mm
 * @return list<Observation>
 */
function lookReadings(
    int $alone,
    int $dropped,
    int $carried = 0,
    float $share = 0.75,
    ?HookUp $hookUp = null,
    array $off = [],
): array {
    $rig = Priors::rig(0.2, 20.0, 25.0)->likelyRig();
    $readings = new Readings($rig, $rig->tensionFor($share), null, 1.0);
    $contexts = [
        ...array_fill(0, $alone, ReadingContext::alone()),
        ...array_fill(0, $dropped, ReadingContext::dropped()),
        ...array_fill(0, $carried, ReadingContext::carried(0.0, 0.0, $hookUp)),
    ];
    $observations = [];
    foreach ($contexts as $standing => $context) {
        foreach ($readings->heights($context) as $one) {
            $i = count($observations);
            $observations[] = new Observation(
                $context,
                $one->observed,
                $one->value + ($off[$i] ?? 0.0),
                1.0,
                ReadingIdentity::height("reading {$i}", standing: (string) $standing),
            );
        }
    }

    return $observations;
}

/** @param  list<Observation>  $observations */
function lookAdvice(array $observations, ?Setting $present = null, ?StoppingRules $policy = null): Recommendation
{
    $hitch = Knowing::hitch();
    $carried =
        count(array_filter($observations, fn (Observation $one): bool => $one->context->stance === Stance::Carried)) / 2;
    $hookUp =
        $carried > 0 ? max(array_map(fn (Observation $one): int => $one->context->hookUp->number, $observations)) : 0;

    return (new Advisor(
        new HitchSettings($hitch, $hitch->middle()),
        usualGoal(),
        $policy ?? new StoppingRules(),
    ))->advise(
        (new Estimation(Priors::rig(0.2, 20.0, 25.0), $observations))->posterior(),
        $present,
        RecheckLog::in($observations, $hookUp, (int) $carried),
    );
}

it('asks for alone a second time before it is coupled, with the setting to go on with', function (
    int $alone,
    int $dropped,
    ?Recheck $look,
): void {
    $advised = lookAdvice(lookReadings($alone, $dropped));

    expect($advised->look)
        ->toBe($look)
        ->and($advised->action)
        ->toBe($look === null ? Action::Set : Action::ReadAgain)
        ->and($advised->reason)
        ->toBe($look === null ? Reason::BestChance : Reason::SecondReading)
        ->and($advised->next()?->isOpen())
        ->toBeTrue()
        ->and($advised->present)
        ->toBeNull();
})->with([
    'both once: the trailer would have to come off again' => [1, 1, null],
    'dropped twice' => [1, 2, null],
    'alone twice' => [2, 1, null],
    'both twice' => [2, 2, null],
    'alone only, once' => [1, 0, Recheck::Alone],
    'dropped only, once' => [0, 1, null],
    'dropped only, twice' => [0, 2, null],
    'nothing' => [0, 0, null],
]);

it('asks for no second reading where the shop does without', function (): void {
    expect(lookAdvice(lookReadings(1, 1), policy: new StoppingRules(before: 1))->action)->toBe(Action::Set);
});

it('asks a third time where the two say otherwise', function (): void {
    $advised = lookAdvice(lookReadings(2, 2, off: [5 => 12.7]));

    expect($advised->action)
        ->toBe(Action::ReadAgain)
        ->and($advised->look)
        ->toBe(Recheck::Dropped)
        ->and($advised->reason)
        ->toBe(Reason::SettlesADoubt);
});

it('has the links counted before it moves away from a hook-up that nobody counted again', function (
    ?HookUp $hookUp,
    bool $isAsked,
): void {
    $middle = Knowing::hitch()->middle();
    $advised = lookAdvice(lookReadings(3, 3, 3, 0.2, $hookUp), $middle);

    expect($advised->look === Recheck::Count)
        ->toBe($isAsked)
        ->and($advised->next()?->tensionOffset)
        ->toBeGreaterThan(0.0)
        ->and($isAsked ? $advised->reason : Reason::CountedFirst)
        ->toBe(Reason::CountedFirst)
        ->and($isAsked ? $advised->forecast->setting->equals($middle) : true)
        ->toBeTrue();
})->with([
    'not counted again' => [HookUp::ofSteps(1, 27.0), true],
    'counted again' => [HookUp::counted(1), false],
    'nothing to count' => [null, false],
]);

it('does not have them counted where it stays', function (): void {
    $advised = lookAdvice(lookReadings(3, 3, 2, 0.75, HookUp::ofSteps(1, 27.0)), Knowing::hitch()->middle());

    expect($advised->action)->toBe(Action::Stop)->and($advised->look)->toBeNull()->and($advised->next())->toBeNull();
});

it('never stops while a mistake likelier than the policy bears could be looked at', function (
    int $which,
    Recheck $look,
): void {
    foreach ([6.0, 8.0, 12.7, -12.7] as $off) {
        $observations = lookReadings(1, 1, 2, 0.75, HookUp::counted(1), [$which => $off]);
        $advised = lookAdvice($observations, Knowing::hitch()->middle());
        $posterior = (new Estimation(Priors::rig(0.2, 20.0, 25.0), $observations))->posterior();
        $open = array_filter($posterior->suspects, fn ($one): bool => $one->chance > 0.1);

        expect($advised->action === Action::Stop && $open !== [])
            ->toBeFalse()
            ->and($advised->action === Action::ReadAgain || $open === [] || $advised->action === Action::Set)
            ->toBeTrue();
    }
})->with([
    'alone, rear' => [1, Recheck::Alone],
    'dropped, rear' => [3, Recheck::Dropped],
    'carried, front' => [4, Recheck::Carried],
]);

it('goes on with what there is after two looks', function (): void {
    $looked = fn (int $times): RecheckLog => new RecheckLog($times, $times, 4, 1);
    $observations = lookReadings(1, 1, 2, 0.75, HookUp::counted(1), [3 => 7.0]);
    $posterior = (new Estimation(Priors::rig(0.2, 20.0, 25.0), $observations))->posterior();
    $hitch = Knowing::hitch();
    $advise = fn (int $times): Recommendation => (new Advisor(
        new HitchSettings($hitch, $hitch->middle()),
        usualGoal(),
        new Yoke\Judgement\Advice\StoppingRules(),
    ))->advise($posterior, $hitch->middle(), $looked($times));

    expect($advise(3)->action)->not->toBe(Action::ReadAgain);
});

it(
    'knows what it can look at: a stance that stands there, the setting that is on, and no hook-up that is gone',
    function (): void {
        $observations = [
            ...lookReadings(1, 1, 1, 0.75, HookUp::ofSteps(1, 27.0)),
            ...lookReadings(0, 0, 1, 0.75, HookUp::ofSteps(2, 27.0)),
        ];
        $posterior = (new Estimation(Priors::rig(0.2, 20.0, 25.0), $observations))->posterior();
        $at = fn (Mistake $mistake): ?Recheck => Recheck::at($mistake, $posterior, 2);

        expect($at(Mistake::slip(0)))
            ->toBe(Recheck::Alone)
            ->and($at(Mistake::slip(3)))
            ->toBe(Recheck::Dropped)
            ->and($at(Mistake::slip(4)))
            ->toBeNull()
            ->and($at(Mistake::slip(6)))
            ->toBe(Recheck::Carried)
            ->and($at(Mistake::aboard(2)))
            ->toBe(Recheck::Dropped)
            ->and($at(Mistake::miscount(1, 27.0)))
            ->toBeNull()
            ->and($at(Mistake::miscount(2, 27.0)))
            ->toBe(Recheck::Count)
            ->and($at(Mistake::tongueWeight()))
            ->toBeNull()
            ->and(Recheck::at(Mistake::miscount(0, 27.0), $posterior, 0))
            ->toBeNull();
    },
);

it('counts what was looked at from the readings', function (): void {
    $looked = RecheckLog::in(lookReadings(2, 3, 2, 0.75, HookUp::ofSteps(1, 27.0)), 1, 2);
    $counted = RecheckLog::in(lookReadings(1, 1, 1, 0.75, HookUp::counted(1)), 1, 1);

    expect([
        $looked->times(Recheck::Alone),
        $looked->times(Recheck::Dropped),
        $looked->times(Recheck::Carried),
        $looked->times(Recheck::Count),
    ])
        ->toBe([2, 3, 2, 0])
        ->and($counted->times(Recheck::Count))
        ->toBeGreaterThan(100)
        ->and([Recheck::Alone->stance(), Recheck::Count->stance()])
        ->toBe([Stance::Alone, null])
        ->and(Recheck::Alone->minutes())
        ->toBeGreaterThan(Recheck::Dropped->minutes())
        ->and(Recheck::Dropped->minutes())
        ->toBeGreaterThan(Recheck::Count->minutes());
});

it(
    'leaves no front over-restored for want of readings: it moves on where too much is likelier than the policy bears',
    function (): void {
        foreach ([0.93, 0.96, 0.99] as $share) {
            $posterior = Knowing::rig($share, 1, 1.0);
            $advised = Knowing::advise($posterior, Knowing::hitch()->middle(), 4);

            expect(
                $advised->action === Action::Stop &&
                    $advised->present->over > (new StoppingRules())->overDone &&
                    $advised->reason === Reason::GoodEnough,
            )->toBeFalse();
        }
    },
);

it(
    'looks at an open suspect before it settles for what is only the nearest, and for no other reason',
    function (): void {
        $hitch = Knowing::hitch();
        $looked = new RecheckLog(1, 1, 4, 1);
        $advise = fn (array $off): Recommendation => (new Advisor(
            new HitchSettings($hitch, $hitch->middle()),
            usualGoal(),
            new StoppingRules(sure: 2.0, goodEnough: 2.0, hopeless: 1.0),
        ))->advise(
            (new Estimation(
                Priors::rig(0.2, 20.0, 25.0),
                lookReadings(1, 1, 2, 0.75, HookUp::counted(1), $off),
            ))->posterior(),
            $hitch->middle(),
            $looked,
        );

        expect($advise([2 => 12.7])->action)
            ->toBe(Action::ReadAgain)
            ->and($advise([2 => 12.7])->reason)
            ->toBe(Reason::SettlesADoubt)
            ->and($advise([])->action)
            ->not->toBe(Action::ReadAgain);
    },
);

/** @param  list<Observation>  $observations */
function looksOffered(array $observations, float $byGapMm, ?Setting $present = null): array
{
    $hitch = Knowing::hitch();
    $log = RecheckLog::in($observations, 0, $present === null ? 0 : 1);
    $offers = (new Looks(
        new HitchSettings($hitch, $hitch->middle()),
        usualGoal(),
        new StoppingRules(),
        new LookMinutes(fourHeights: 9.0, barGap: 4.0, scale: 30.0),
        6.0,
        $byGapMm,
        (new Estimation(Priors::rig(0.2, 20.0, 25.0), $observations))->posterior(),
        $log,
    ))->offered(lookAdvice($observations, $present), $present);
    $byKind = [];
    foreach ($offers as $offer) {
        $byKind[$offer->what->value] = $offer;
    }

    return $byKind;
}

it('offers the four heights before coupling and the gap after, by what each tells, in the shop\'s minutes', function (): void {
    $before = looksOffered(lookReadings(2, 0), 6.0);
    expect($before)
        ->toHaveKey('four_heights')
        ->not->toHaveKey('bar_gap')
        ->and($before['four_heights']->minutes)
        ->toBe(9.0)
        ->and($before['four_heights']->saves)
        ->toBeGreaterThan(0.5);
    $dropped = looksOffered(lookReadings(2, 1), 6.0);
    expect($dropped)
        ->toHaveKey('bar_gap')
        ->not->toHaveKey('four_heights')
        ->and($dropped['bar_gap']->minutes)
        ->toBe(4.0)
        ->and($dropped['bar_gap']->isWorthSaying())
        ->toBeTrue();
    // Nobody knows how the bars hang: the gap would tell less than is known.
    expect(looksOffered(lookReadings(2, 1), 40.0))->not->toHaveKey('bar_gap');
});

it('offers nothing to measure where it stops, and counts the bars that come off for a gap', function (): void {
    $middle = Knowing::hitch()->middle();
    $stopped = looksOffered(lookReadings(2, 2, 2, hookUp: HookUp::counted(1)), 6.0, $middle);
    expect($stopped)->not->toHaveKey('bar_gap')->not->toHaveKey('scale');
    $slack = looksOffered(lookReadings(2, 2, 1, 0.2, HookUp::counted(1)), 2.0, $middle);
    expect($slack['bar_gap']->minutes)->toBe(9.0);
});
