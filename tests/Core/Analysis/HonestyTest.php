<?php

declare(strict_types=1);

use Tests\Core\Advice\Knowing;
use Tests\Core\Estimation\Readings;
use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Analysis\JobAnalysis;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\Goal;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Measuring\Estimation\Prior\KnownRig;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Prior\SharedDoubts;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Proving\Simulation\RandomSource;
use Yoke\Proving\Simulation\SeededSource;

// Properties over many drawn jobs: slow, so mutation testing leaves them out.
pest()->group('sampled');

/*
 * What the analysis may never do, over random jobs: to be sure of what it cannot know, to be moved by what agrees with
 * it,
 * to take an assumption for a measurement, or to give up while something nearer is allowed.
 */

/** @param  array<string, float>  $doubts  of dimensions */
function randomPrior(RandomSource $random, array $doubts = ['ball_over_coupler' => 3.0], float $ball = 0.0): RigPrior
{
    $gross = $random->between(1400, 4200);
    $tongue = $gross * $random->between(0.1, 0.15);
    $known = new KnownRig(
        $random->between(2900, 4100),
        $random->between(1150, 1750),
        $random->between(3800, 6400),
        AxleGroup::equalised(),
        $gross,
        $random->between(600, 790),
        $ball,
        new SharedDoubts($doubts),
    );
    $doubtful = [
        new LogNormal($random->between(9, 19), 0.3),
        new LogNormal($random->between(8, 14), 0.3),
        new LogNormal($tongue, 0.05),
        new LogNormal(($gross - $tongue) / 60, 0.35),
        new LogNormal(500.0, 0.35),
        new LogNormal(max(270.0, $tongue) / 84, 0.25),
    ];
    $middle = (new RigPrior($known, $doubtful, Normal::of(0, 0)))->likelyRig()->tensionFor(0.75);

    return new RigPrior($known, $doubtful, Normal::of($middle, 25.0));
}

/** A rig that a prior allows. @return array{CoupledRig, float} with its tension */
function drawn(RigPrior $prior, RandomSource $random): array
{
    $at = [];
    for ($i = 0; $i < $prior->count(); $i++) {
        $at[] = max(-2.5, min(2.5, $random->normal(1.0)));
    }

    return [$prior->rigAt($at, 0.0), $prior->tensionAt($at)];
}

/** @param  list<Observation>  $observations */
function judged(RigPrior $prior, array $observations, ?Goal $goal = null): JobAnalysis
{
    $hitch = Knowing::hitch();

    return new JobAnalysis(
        $prior,
        $observations,
        $goal ?? usualGoal(),
        new StoppingRules(),
        new HitchSettings($hitch, $hitch->middle()),
        new CurrentSetting($hitch->middle(), 0.0, 0.0),
    );
}

it('never says too much of a front that stands higher than alone', function (): void {
    $said = 0;
    for ($seed = 1; $seed <= 250; $seed++) {
        $random = new SeededSource($seed);
        $prior = randomPrior($random);
        [$rig, $tension] = drawn($prior, $random);
        $readings = new Readings($rig, $tension, $random, 1.2);
        $three = $readings->threeStances();
        $alone = $three[0]->value;
        $three[4] = new Observation(
            $three[4]->context,
            Observed::FrontHeight,
            $alone + 1.2 * M_SQRT2 + $random->between(0.1, 12.0),
            1.2,
        );
        $said += judged($prior, $three)->verdict()->chances->tooMuch > 0.1 ? 1 : 0;
    }
    expect($said)->toBe(0);
});

it('never says in range of a front that stands lower than alone, read twice, until a scale has spoken', function (): void {
    [$said, $told, $weighedOtherwise] = [0, 0, 0];
    for ($seed = 1; $seed <= 120; $seed++) {
        $random = new SeededSource(900 + $seed);
        $prior = randomPrior($random);
        [$rig, $tension] = drawn($prior, $random);
        $three = (new Readings($rig, $tension, $random, 1.2))->threeStances();
        $low = $three[0]->value - 1.2 * M_SQRT2 - $random->between(0.1, 6.0);
        $front = new Observation($three[4]->context, Observed::FrontHeight, $low, 1.2);
        $analysis = judged($prior, [...array_slice($three, 0, 4), $front, $three[5], $front, $three[0]]);
        $chances = $analysis->verdict()->chances;
        $said += $chances->inRange > 0.1 + 1e-9 ? 1 : 0;
        $told += abs($analysis->recommendation()->present->chance - min($chances->inRange, 1.0 - $analysis->recommendation()->present->over)) < 1e-9 ? 1 : 0;
        $front = fn (ReadingContext $context, float $load): Observation => new Observation($context, Observed::FrontLoad, $load, 6.0);
        $lost = 60.0;
        $weighed = judged($prior, [
            ...$three,
            $front(ReadingContext::alone(), 1000.0),
            $front(ReadingContext::dropped(), 1000.0 - $lost),
            $front($three[4]->context, 1000.0 - 0.3 * $lost),
        ]);
        $weighedOtherwise += $weighed->verdict()->chances->inRange > 0.1 ? 1 : 0;
    }
    expect($said)->toBe(0)->and($told)->toBe(120)->and($weighedOtherwise)->toBeGreaterThan(20);
});

it('looks first where the front that stands too low may be misread and was read once', function (): void {
    $random = new SeededSource(77);
    $prior = randomPrior($random);
    $rig = $prior->likelyRig();
    $tension = $rig->tensionFor(0.7);
    $three = (new Readings($rig, $tension, null, 0.8))->threeStances();
    $off = array_map(
        static fn (Observation $one, int $i): Observation => $i === 4 ? $one->withValue($three[0]->value - 9.0) : $one,
        $three,
        array_keys($three),
    );
    $advised = judged($prior, $off)->recommendation();

    expect($advised->action)->toBe(Action::ReadAgain)->and($advised->look)->toBe(Recheck::Carried);
});

it('is not made less sure by a reading from the middle of what it is sure of', function (): void {
    [$asked, $lowered] = [0, 0];
    for ($seed = 1; $seed <= 220; $seed++) {
        $random = new SeededSource(1000 + $seed);
        $prior = randomPrior($random);
        [$rig, $tension] = drawn($prior, $random);
        $three = (new Readings($rig, $tension, $random, 1.0))->threeStances();
        $before = judged($prior, $three);
        $chances = $before->verdict()->chances;
        if ($chances->inRange > 0.5) {
            $middle = $before->tension()->target->mean();
            $after = judged($prior, [
                ...$three,
                new Observation(ReadingContext::carried(0.0), Observed::FrontHeight, $middle, 1.0),
            ]);
            $asked++;
            $lowered += $after->verdict()->chances->inRange < $chances->inRange - 0.005 ? 1 : 0;
        }
    }
    expect($asked)->toBeGreaterThan(80)->and($lowered)->toBeLessThanOrEqual(max(1, (int) floor($asked / 100)));
});

it('moves the share by no more than its doubt once what was assumed is measured', function (
    RigDimension|string $what,
): void {
    $within = 0;
    $jobs = 150;
    for ($seed = 1; $seed <= $jobs; $seed++) {
        $random = new SeededSource(3000 + $seed);
        $doubts = ['ball_over_coupler' => 25.0, 'wheelbase' => 200.0, 'overhang' => 120.0, 'bar_arm' => 45.0];
        $assumed = randomPrior($random, $doubts);
        [$rig, $tension] = drawn($assumed, $random);
        $readings = new Readings($rig, $tension, $random, 1.2);
        $read = [...$readings->threeStances(), $readings->one(ReadingContext::carried(0.0), Observed::NoseRise, 9.0)];
        $known = $assumed->known();
        $measured = match ($what) {
            RigDimension::BallOverCoupler => $rig->bars()->ballOverCoupler,
            RigDimension::Wheelbase => $rig->vehicle()->wheelbase,
            RigDimension::Overhang => $rig->vehicle()->overhang,
            RigDimension::BarArm => $rig->bars()->arm,
            default => 0.0,
        };
        $value = fn (RigDimension $one): float => $one === $what ? $measured : $known->expected($one);
        $after = new KnownRig(
            $value(RigDimension::Wheelbase),
            $value(RigDimension::Overhang),
            $known->ballToAxle,
            $known->axleGroup,
            $known->grossWeight,
            $value(RigDimension::BarArm),
            $value(RigDimension::BallOverCoupler),
            $known->doubts->without($what),
        );
        $likely = array_map(
            fn (int $i): LogNormal => new LogNormal(
                $assumed->likely($i),
                $assumed->worth($i, $assumed->likely($i)) / $assumed->likely($i),
            ),
            range(0, 5),
        );
        $then = new RigPrior($after, $likely, Normal::of($assumed->likely(RigParameter::Tension->value), 25.0));
        $before = judged($assumed, $read)->verdict()->share;
        $within +=
            abs(judged($then, $read)->verdict()->share->mean() - $before->mean()) < 2.5 * $before->deviation() ? 1 : 0;
    }
    expect($within)->toBeGreaterThanOrEqual((int) ceil(0.98 * $jobs));
})->with([RigDimension::BallOverCoupler, RigDimension::Wheelbase, RigDimension::Overhang, RigDimension::BarArm]);

it('lets no trailer angle overturn the fenders while the ball\'s height is only assumed', function (): void {
    $random = new SeededSource(8);
    $prior = randomPrior($random, ['ball_over_coupler' => 25.0]);
    $rig = $prior->likelyRig();
    $tension = $rig->tensionFor(0.48);
    $readings = new Readings($rig, $tension, null, 0.9);
    $angled = new Observation(
        ReadingContext::carried(0.0),
        Observed::NoseRise,
        $rig->carried($tension)->trailerPitch * $rig->trailer()->ballToAxle + 30.0,
        9.0,
    );
    $without = judged($prior, $readings->threeStances())->verdict()->share;
    $with = judged($prior, [...$readings->threeStances(), $angled])->verdict()->share;

    expect(abs($with->mean() - $without->mean()))->toBeLessThan(0.5 * $without->deviation() + 0.05);
});

it('never gives up a method\'s goal while an allowed setting is nearer to it', function (Criterion $criterion): void {
    $gaveUp = 0;
    for ($seed = 1; $seed <= 60; $seed++) {
        $random = new SeededSource(5000 + $seed);
        $prior = randomPrior($random, ['ball_over_coupler' => 3.0], $random->between(-40, 90));
        [$rig, $tension] = drawn($prior, $random);
        $goal = usualGoal($criterion);
        $analysis = judged($prior, (new Readings($rig, $tension, $random, 1.0))->threeStances(), $goal);
        $advised = $analysis->recommendation();
        if ($advised->action === Action::Cannot) {
            $gaveUp++;
            [$from, $to] = [$goal->governing()->range(0.0)->low, $goal->governing()->range(0.0)->high];
            $distance = fn (SettingForecast $one): float => max(
                0.0,
                $from - $one->stance->quantity()->mean(),
                $one->stance->quantity()->mean() - $to,
            );
            $nearer = array_filter(
                $advised->ranking,
                fn (SettingForecast $one): bool => $one->isOpen() &&
                    (! $advised->present->isOpen() || $distance($one) < $distance($advised->present) - 1e-6),
            );
            expect($nearer)->toBe([], "seed {$seed}");
        }
    }
    expect($gaveUp)->toBeLessThan(60);
})->with(Criterion::cases());

it('answers readings that contradict everything without being sure of any move', function (array $heights): void {
    $prior = randomPrior(new SeededSource(3));
    $observations = [];
    foreach ([ReadingContext::alone(), ReadingContext::dropped(), ReadingContext::carried(0.0)] as $i => $context) {
        foreach ([Observed::FrontHeight, Observed::RearHeight] as $end => $observed) {
            if (isset($heights[$i][$end])) {
                $observations[] = new Observation($context, $observed, (float) $heights[$i][$end], 1.2);
            }
        }
    }
    $analysis = judged($prior, $observations);
    $advised = $analysis->recommendation();
    $verdict = $analysis->verdictOf($analysis->current);

    expect(is_finite($verdict->share->mean()))
        ->toBeTrue()
        ->and($advised->action)
        ->toBeInstanceOf(Action::class)
        ->and($advised->forecast->over)
        ->toBeLessThanOrEqual(1.0)
        ->and(array_sum($verdict->chances->percents()))
        ->toBe(100)
        ->and($analysis->verdict() === null)
        ->toBe(count($heights) === 1);
    if ($advised->action === Action::Set) {
        expect($advised->forecast->over)->toBeLessThanOrEqual((new StoppingRules())->overInTheYard);
    }
})->with([
    'all the same' => [[[950, 950], [950, 950], [950, 950]]],
    'the front falls when dropped' => [[[950, 985], [940, 930], [945, 950]]],
    'stances swapped' => [[[950, 985], [953, 948], [963, 926]]],
    'one reading' => [[2 => [950]]],
    'one rear reading' => [[2 => [1 => 950]]],
    'a metre off' => [[[950, 985], [1950, 930], [960, 950]]],
]);
