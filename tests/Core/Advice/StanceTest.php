<?php

declare(strict_types=1);

use Tests\Core\Advice\Knowing;
use Tests\Core\Estimation\Priors;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Diagnosis;
use Yoke\Judgement\Advice\Finding;
use Yoke\Judgement\Advice\FindingKind;
use Yoke\Judgement\Advice\Reason;
use Yoke\Judgement\Advice\StanceEvaluator;
use Yoke\Judgement\Advice\TensionAdvice;
use Yoke\Judgement\Constraint\BarRating;
use Yoke\Judgement\Constraint\Constraint;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\LevellingLoss;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Parts\Axle;

function levelledGoal(Criterion $criterion = Criterion::FrontRestoration): Goal
{
    return new Goal(
        TargetRange::usual(),
        $criterion,
        new Yoke\Judgement\Method\Tolerances(),
        levelling: LevellingLoss::ofTheRear(),
    );
}

/**
 * Found at a hook-up so much tighter than the reference, with the head so much higher. @return array<string, Finding>
 * by kind
 */
function foundAt(
    Posterior $posterior,
    float $tensionOffset,
    float $ballOffset = 0.0,
    array $constraints = [],
    ?Setting $setting = null,
): array {
    $findings = (new Diagnosis(
        new StanceEvaluator($posterior, usualGoal()),
        new CurrentSetting($setting, $tensionOffset, $ballOffset),
        $constraints,
    ))->findings(1.0);

    return array_combine(array_map(fn (Finding $one): string => $one->kind->name, $findings), $findings);
}

it('takes levelling\'s loss at the tension that is on, and never below nothing', function (float $offset): void {
    $posterior = Knowing::rig(0.7, 3, 0.5);
    $quantities = (new StanceEvaluator($posterior, levelledGoal()))->at($offset, 0.0)->quantities;

    expect($quantities->lost)
        ->toEqualWithDelta(
            max(0.0, LevellingLoss::ofTheRear()->lost($posterior->rig(), $posterior->tension() + $offset)),
            1e-9,
        )
        ->and($quantities->lost)
        ->toBeGreaterThanOrEqual(0.0)
        ->and((new StanceEvaluator($posterior, usualGoal()))->at($offset, 0.0)->quantities->lost)
        ->toBe(0.0);
})->with([-400.0, -10.0, 0.0, 12.0]);

it('works out each stance by itself, in whatever order they are asked', function (): void {
    $posterior = Knowing::rig(0.7, 2, 1.0);
    foreach ([Criterion::FrontRestoration, Criterion::EqualSquat, Criterion::BallLoad] as $criterion) {
        $goal = levelledGoal($criterion);
        $shared = new StanceEvaluator($posterior, $goal);
        foreach ([[0.0, 0.0], [8.0, 0.0], [8.0, 20.0], [0.0, 20.0], [-6.0, 0.0]] as [$tension, $ball]) {
            $alone = (new StanceEvaluator($posterior, $goal))->at($tension, $ball);
            expect($shared->at($tension, $ball)->quantity()->mean())
                ->toEqualWithDelta($alone->quantity()->mean(), 1e-9)
                ->and($shared->at($tension, $ball)->chances->inRange)
                ->toEqualWithDelta($alone->chances->inRange, 1e-9);
        }
    }
});

it('directs the tension from the hook-up that is on, raised by what levelling takes there', function (
    float $offset,
): void {
    $posterior = Knowing::rig(0.6, 3, 0.5);
    $stances = new StanceEvaluator($posterior, levelledGoal());
    $advice = TensionAdvice::of($stances, new CurrentSetting(null, $offset, 0.0));
    $front = fn (Closure $rise): float => $posterior->height(Axle::Front, $rise)->mean();
    $range = TargetRange::usual()->raisedBy($stances->at($offset, 0.0)->quantities->lost);

    expect($advice->target->mean())
        ->toEqualWithDelta(
            $front(fn (CoupledRig $rig): float => $rig->taut($rig->tensionFor($range->middle()))->frontRise()->millimetres()),
            1e-6,
        )
        ->and($advice->toGo)
        ->toEqualWithDelta(
            $advice->target->mean() -
                $front(fn (CoupledRig $rig, float $tension): float => $rig->carried($tension + $offset)->frontRise()->millimetres()),
            1e-6,
        )
        ->and(TensionAdvice::of($stances, null)->target->mean())
        ->toEqualWithDelta(TensionAdvice::of($stances, new CurrentSetting(null, 0.0, 0.0))->target->mean(), 1e-9);
})->with([-8.0, 0.0, 8.0]);

it('directs it with the head where it is', function (): void {
    $stances = new StanceEvaluator(Knowing::rig(0.6, 3, 0.5), usualGoal());

    expect(TensionAdvice::of($stances, new CurrentSetting(null, 0.0, 40.0))->rear->mean())->not->toEqualWithDelta(
        TensionAdvice::of($stances, new CurrentSetting(null, 0.0, 0.0))->rear->mean(),
        1e-6,
    );
});

it('finds what is wrong at the setting that is on, not at the reference', function (): void {
    $posterior = Knowing::rig(0.7, 3, 0.5);
    $pitch = fn (float $offset, float $ball): float => $posterior
        ->predict(
            fn (CoupledRig $rig, float $tension): float => $rig
                ->taut($tension + $offset)
                ->trailerPitchAngle()
                ->degrees(),
            $ball,
        )
        ->mean();

    expect(foundAt($posterior, 0.0))
        ->not->toHaveKey('SlackBars')
        ->and(foundAt($posterior, -60.0))
        ->toHaveKey('SlackBars')
        ->and(foundAt($posterior, 60.0))
        ->toHaveKey('OverRestored')
        ->not->toHaveKey('SlackBars')
        ->and(foundAt($posterior, 0.0, 120.0)['NoseUp']->figure->mean())
        ->toEqualWithDelta($pitch(0.0, 120.0), 1e-9)
        ->and(foundAt($posterior, 10.0, 120.0)['NoseUp']->figure->mean())
        ->toEqualWithDelta($pitch(10.0, 120.0), 1e-9);
});

it('never finds the front over-restored more surely than the verdict does', function (): void {
    $stances = new StanceEvaluator(Knowing::rig(1.3, 3, 0.5), usualGoal());
    $found = fn (float $tooMuch): array => array_values(
        array_filter(
            (new Diagnosis($stances, new CurrentSetting(null, 0.0, 0.0), []))->findings($tooMuch),
            fn (Finding $one): bool => $one->kind === FindingKind::OverRestored,
        ),
    );

    expect($found(0.6)[0]->chance)
        ->toBe(0.6)
        ->and($found(0.5)[0]->chance)
        ->toBe(0.5)
        ->and($found(1.0)[0]->chance)
        ->toBeGreaterThan(0.9)
        ->and($found(0.49))
        ->toBe([]);
});

it('names only the limits that the setting breaks, and those as certain', function (): void {
    $posterior = Knowing::rig(0.9, 3, 0.5);
    $load = $posterior->rig()->carried($posterior->tension())->barLoad()->kilograms() / 2;
    $allows = new class implements Constraint
    {
        public function against(Setting $setting, Attitude $carried): ?Exclusion
        {
            return null;
        }
    };
    $found = (new Diagnosis(
        new StanceEvaluator($posterior, usualGoal()),
        new CurrentSetting(Knowing::hitch()->middle(), 0.0, 0.0),
        [$allows, new BarRating(Load::ofKilograms(0.9 * $load)), $allows],
    ))->findings(1.0);
    $broken = array_values(array_filter($found, fn (Finding $one): bool => $one->kind === FindingKind::Broken));

    expect(array_is_list($found))
        ->toBeTrue()
        ->and($broken)
        ->toHaveCount(1)
        ->and([$broken[0]->broken, $broken[0]->chance])
        ->toBe([Exclusion::BarsPastRating, 1.0])
        ->and(foundAt($posterior, 0.0, 0.0, [new BarRating(Load::ofKilograms(0.9 * $load))]))
        ->not->toHaveKey('Broken');
});

it(
    'says of bars too light that they are, where all that would reach the range bends them past their rating',
    function (): void {
        $posterior = Knowing::rig(0.2, 3, 0.5);
        $load = $posterior->rig()->carried($posterior->tension())->barLoad()->kilograms() / 2;
        $hitch = Knowing::hitch(measures: new HitchMeasures(steps: 4));
        $advised = Knowing::advise(
            $posterior,
            $hitch->middle(),
            4,
            [new BarRating(Load::ofKilograms(1.05 * $load))],
            hitch: $hitch,
        );
        $free = Knowing::advise($posterior, $hitch->middle(), 4, hitch: $hitch);

        expect($advised->action)
            ->toBe(Action::Cannot)
            ->and($advised->reason)
            ->toBe(Reason::BarsTooLight)
            ->and($free->action)
            ->toBe(Action::Set);
    },
);

it('stays at the nearest allowed setting where it is on already, whichever side of the range', function (): void {
    $hitch = Knowing::hitch(
        measures: new HitchMeasures(pitchMm: 3.0, steps: 3, tiltDegrees: 0.05, tiltSteps: 3),
    )->headAsIn(Knowing::hitch()->middle());
    foreach (Knowing::hitch()->middle()->steps() as $key => $step) {
        expect($hitch->middle()->step($key))->toBeFloat();
    }
    $posterior = Knowing::rig(0.3, 3, 0.5, Priors::rig(0.1, 20.0, 25.0));
    $first = Knowing::advise($posterior, $hitch->middle(), 4, hitch: $hitch);
    $again = Knowing::advise($posterior, $first->forecast->setting, 4, hitch: $hitch);
    $shares = array_map(
        fn ($one): float => $one->share()->mean(),
        array_filter($first->ranking, fn ($one): bool => $one->isOpen()),
    );

    expect($first->action)
        ->toBe(Action::Set)
        ->and($first->reason)
        ->toBe(Reason::NearestAllowed)
        ->and($first->forecast->share()->mean())
        ->toEqualWithDelta(max($shares), 1e-9)
        ->and($again->action)
        ->toBe(Action::Cannot)
        ->and($again->forecast->setting->equals($first->forecast->setting))
        ->toBeTrue();
});
