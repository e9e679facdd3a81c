<?php

declare(strict_types=1);

use Tests\Core\Advice\Knowing;
use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Analysis\DisagreementCause;
use Yoke\Job\Analysis\Instrument;
use Yoke\Job\Analysis\InstrumentEvidence;
use Yoke\Job\Analysis\JobAnalysis;
use Yoke\Job\Analysis\MethodView;
use Yoke\Job\Planning\Assumption;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\FindingKind;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Advice\TensionDirection;
use Yoke\Judgement\Constraint\BarRating;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Verdict;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Mechanics\Statics\LevellingLoss;
use Yoke\Rig\Specification\RigPart;

const FULL = ['front', 'rear'];

/**
 * A rig that truly restores a share at the setting that is on, and a tape, scale or gauge that reads it. @return
 * array{RigPrior, Readings}
 */
function work(float $share, float $doubt = 0.8, ?RigPrior $prior = null): array
{
    $prior ??= Priors::rig(0.1, 20.0, 25.0);
    $rig = $prior->likelyRig();

    return [$prior, new Readings($rig, $rig->tensionFor($share), null, $doubt)];
}

/**
 * @param  list<Observation>  $observations
 * @param  bool|null  $knows  the setting: true known, false unknown family, null nothing carried yet
 */
function analysed(
    RigPrior $prior,
    array $observations,
    ?bool $knows = true,
    ?Goal $goal = null,
    array $constraints = [],
): JobAnalysis {
    $adjusters = Knowing::hitch();
    $settings = $knows === false ? null : new HitchSettings($adjusters, $adjusters->middle(), $constraints);
    $current = match ($knows) {
        true => new CurrentSetting($adjusters->middle(), 0.0, 0.0),
        false => CurrentSetting::unknown(1),
        null => null,
    };

    return new JobAnalysis(
        $knows === false ? $prior->withTension(Normal::of($prior->likely(RigParameter::Tension->value), 60.0)) : $prior,
        $observations,
        $goal ?? usualGoal(),
        new StoppingRules(),
        $settings,
        $current,
    );
}

/** @return list<Observation> some of a stance's readings, by what is observed */
function only(Readings $readings, Observed ...$observed): array
{
    $list = [];
    foreach ([ReadingContext::alone(), ReadingContext::dropped(), ReadingContext::carried(0.0)] as $context) {
        foreach ($observed as $one) {
            $isCoupled = in_array($one, [Observed::BallLoad, Observed::CouplerRise, Observed::TrailerLoad], true);
            if (! $isCoupled || $context->stance->value !== 'alone') {
                $list[] = $readings->one(
                    $context,
                    $one,
                    $one->isAxleLoad() ? 6.0 : ($one === Observed::BallLoad ? 3.0 : null),
                );
            }
        }
    }

    return $list;
}

it('gives a verdict and a move from whatever was read', function (
    array $observed,
    float $share,
    Verdict $verdict,
): void {
    [$prior, $readings] = work($share, 0.5);
    $analysis = analysed($prior, only($readings, ...$observed));

    expect($analysis->verdict()->verdict)
        ->toBe($verdict)
        ->and($analysis->verdict()->share->mean())
        ->toEqualWithDelta($share, 0.12)
        ->and($analysis->recommendation()->action)
        ->toBe(Action::Set)
        ->and($analysis->recommendation()->forecast->tensionOffset <=> 0.0)
        ->toBe($share < 0.5 ? 1 : -1)
        ->and($analysis->findings())
        ->toBeArray();
})->with([
    'both fenders' => [[Observed::FrontHeight, Observed::RearHeight], 0.2, Verdict::TooLittle],
    'the front fender alone' => [[Observed::FrontHeight], 0.2, Verdict::TooLittle],
    'the front fender alone, far too much: looser, and the next reading shows what was misread' => [
        [Observed::FrontHeight],
        1.4,
        Verdict::TooMuch,
    ],
    'tickets alone' => [[Observed::FrontLoad, Observed::RearLoad, Observed::TrailerLoad], 0.2, Verdict::TooLittle],
    'the gauge alone' => [[Observed::BallLoad], 0.1, Verdict::TooLittle],
]);

it('stands on its plan while nothing was read', function (): void {
    [$prior] = work(0.5);
    $analysis = analysed($prior, [], null);

    expect($analysis->verdict())
        ->toBeNull()
        ->and($analysis->findings())
        ->toBeNull()
        ->and($analysis->methods())
        ->toBe([])
        ->and($analysis->evidence())
        ->toBe([])
        ->and($analysis->suspects())
        ->toBe([])
        ->and($analysis->recommendation()->action)
        ->toBe(Action::Set)
        ->and($analysis->tension()->toGo)
        ->toBeNull()
        ->and($analysis->tension()->direction)
        ->toBe(TensionDirection::More);
});

it('says direction and millimetres where the hitch\'s settings are not known', function (
    float $share,
    TensionDirection $direction,
): void {
    [$prior, $readings] = work($share, 0.3);
    $analysis = analysed($prior, $readings->threeStances(), false);
    $tension = $analysis->tension();
    $rig = $prior->likelyRig();
    $front = fn (float $of): float => Readings::FRONT_MM + $rig->carried($rig->tensionFor($of))->frontRise()->millimetres();

    expect($analysis->recommendation())
        ->toBeNull()
        ->and($analysis->verdict()->share->mean())
        ->toEqualWithDelta($share, 0.06)
        ->and($tension->direction)
        ->toBe($direction)
        ->and($tension->target->mean())
        ->toEqualWithDelta($front(0.75), 0.6)
        ->and($tension->toGo)
        ->toEqualWithDelta($front(0.75) - $front($share), 0.8)
        ->and($tension->lowest)
        ->toEqualWithDelta($front(1.0), 0.6)
        ->and($tension->highest)
        ->toEqualWithDelta($front(0.5), 0.8)
        ->and($tension->rear->mean())
        ->toEqualWithDelta(Readings::REAR_MM + $rig->carried($rig->tensionFor(0.75))->rearRise()->millimetres(), 1.5);
})->with([
    'too little' => [0.2, TensionDirection::More],
    'in range' => [0.75, TensionDirection::None],
    'too much' => [1.3, TensionDirection::Less],
]);

it('judges by the method that governs, and says one thing of it everywhere', function (Criterion $criterion): void {
    [$prior, $readings] = work(0.4, 0.3, Priors::rig(0.05, 20.0, 6.0, null, 45.0));
    $goal = usualGoal($criterion);
    $analysis = analysed($prior, $readings->threeStances(), true, $goal);
    $verdict = $analysis->verdict();
    $view = array_values(
        array_filter($analysis->methods(), fn (MethodView $one): bool => $one->criterion === $criterion),
    )[0];

    expect($verdict->criterion)
        ->toBe($criterion)
        ->and($view->verdict)
        ->toBe($verdict->verdict)
        ->and($view->chances)
        ->toEqual($verdict->chances)
        ->and($analysis->recommendation()->present->chance)
        ->toEqualWithDelta(min($verdict->chances->inRange, 1 - $analysis->recommendation()->present->over), 1e-12)
        ->and($verdict->verdict)
        ->toBe(Verdict::TooLittle);
})->with(Criterion::cases());

it('lays five methods side by side, each in the unit a person reads', function (): void {
    [$prior, $readings] = work(0.75, 0.3);
    $rig = $prior->likelyRig();
    $carried = $rig->carried($rig->tensionFor(0.75));
    $views = array_column(
        array_map(
            fn (MethodView $view): array => [$view->criterion->value, $view],
            analysed($prior, $readings->threeStances())->methods(),
        ),
        1,
        0,
    );
    $weighed = array_column(
        array_map(
            fn (MethodView $view): array => [$view->criterion->value, $view],
            analysed($prior, [...$readings->threeStances(), ...only($readings, Observed::FrontLoad)])->methods(),
        ),
        1,
        0,
    );

    expect(array_keys($views))
        ->toBe(['front_restoration', 'equal_squat', 'coupler_height', 'ball_load', 'axle_scale'])
        ->and($views['front_restoration']->value->mean())
        ->toEqualWithDelta(0.75, 0.03)
        ->and($views['equal_squat']->value->mean())
        ->toEqualWithDelta($carried->frontRise()->millimetres() - $carried->rearRise()->millimetres(), 1.5)
        ->and($views['coupler_height']->value->mean())
        ->toEqualWithDelta($carried->ballRise()->millimetres(), 3.0)
        ->and($views['ball_load']->value->mean())
        ->toEqualWithDelta($carried->ballLoad()->kilograms(), 0.06 * $carried->ballLoad()->kilograms())
        ->and($views['ball_load']->target?->kilograms())
        ->toEqualWithDelta($carried->ballLoad()->kilograms(), 0.08 * $carried->ballLoad()->kilograms())
        ->and($views['coupler_height']->bend)
        ->toEqualWithDelta($carried->barBend()->millimetres(), 8.0)
        ->and($views['axle_scale']->value)
        ->toBeNull()
        ->and($views['axle_scale']->verdict)
        ->toBe(Verdict::Waiting)
        ->and($weighed['axle_scale']->value->mean())
        ->toEqualWithDelta(0.75, 0.03)
        ->and($weighed['axle_scale']->verdict)
        ->toBe(Verdict::InRange);
});

it('lets each instrument speak for itself, and names why two differ', function (): void {
    [$prior, $readings] = work(0.75, 0.5);
    [, $other] = work(0.35, 0.5);
    $mixed = [
        ...$readings->threeStances(),
        ...only($other, Observed::FrontLoad, Observed::RearLoad, Observed::TrailerLoad),
    ];
    $evidence = analysed($prior, $mixed)->evidence();
    $levelled = new Goal(
        TargetRange::usual(),
        Yoke\Judgement\Method\Criterion::FrontRestoration,
        new Yoke\Judgement\Method\Tolerances(),
        levelling: LevellingLoss::ofTheRear(),
    );

    expect(array_map(fn (InstrumentEvidence $one): Instrument => $one->instrument, $evidence))
        ->toBe([Instrument::Tape, Instrument::Scale])
        ->and($evidence[0]->share->mean())
        ->toEqualWithDelta(0.75, 0.06)
        ->and($evidence[1]->share->mean())
        ->toEqualWithDelta(0.35, 0.06)
        ->and($evidence[0]->verdict)
        ->toBe(Verdict::InRange)
        ->and($evidence[1]->verdict)
        ->toBe(Verdict::TooLittle)
        ->and(analysed($prior, $mixed)->disagreements()[0]->cause)
        ->toBeIn([DisagreementCause::Friction, DisagreementCause::SuspectReading])
        ->and(analysed($prior, $readings->threeStances(), true, $levelled)->disagreements())
        ->toBe([])
        ->and(analysed($prior, $readings->threeStances())->evidence()[0]->share)
        ->toEqual(analysed($prior, $readings->threeStances())->verdict()->share);
});

it('says both shares where levelling takes some back, and holds the verdict to the raised range', function (): void {
    [$prior, $readings] = work(0.62, 0.3, Priors::rig(0.05, 20.0, 6.0));
    $goal = new Goal(
        TargetRange::usual(),
        Yoke\Judgement\Method\Criterion::FrontRestoration,
        new Yoke\Judgement\Method\Tolerances(),
        levelling: LevellingLoss::ofTheRear(),
    );
    $verdict = analysed($prior, $readings->threeStances(), true, $goal)->verdict();

    expect($verdict->lost)
        ->toBeGreaterThan(0.15)
        ->and($verdict->shareOnTheRoad()->mean())
        ->toEqualWithDelta($verdict->share->mean() - $verdict->lost, 1e-9)
        ->and($verdict->range->from)
        ->toEqualWithDelta(0.5 + $verdict->lost, 1e-9)
        ->and($verdict->verdict)
        ->toBe(Verdict::TooLittle)
        ->and(analysed($prior, $readings->threeStances())->verdict()->verdict)
        ->toBe(Verdict::InRange)
        ->and(analysed($prior, $readings->threeStances())->verdict()->lost)
        ->toBe(0.0);
});

it('finds what is wrong in order of danger, by the same stance that is judged', function (
    array $wrong,
    float $share,
    float $ball = 45.0,
    ?float $rating = null,
): void {
    [$prior, $readings] = work($share, 0.4, Priors::rig(0.1, 20.0, 25.0, null, $ball));
    $analysis = analysed(
        $prior,
        $readings->threeStances(),
        true,
        null,
        $rating === null ? [] : [new BarRating(Load::ofKilograms($rating))],
    );
    $findings = $analysis->findings();

    expect(array_map(fn ($finding): FindingKind => $finding->kind, $findings))->toBe($wrong);
    foreach ($findings as $finding) {
        expect($finding->chance)->toBeGreaterThanOrEqual(0.5);
        if ($finding->kind === FindingKind::OverRestored) {
            expect($finding->chance)->toEqualWithDelta($analysis->verdict()->chances->tooMuch, 1e-9);
        }
        if ($finding->kind === FindingKind::Broken) {
            expect($finding->broken)->toBe(Exclusion::BarsPastRating);
        }
    }
})->with([
    'nothing' => [[], 0.75],
    'over-restored' => [[FindingKind::OverRestored], 1.4],
    'over-restored on bars too light, nose-up' => [
        [FindingKind::OverRestored, FindingKind::Broken, FindingKind::NoseUp],
        1.4,
        130.0,
        150.0,
    ],
    'light' => [[FindingKind::LightFront], 0.3],
    'slack' => [[FindingKind::SlackBars, FindingKind::LightFront], -0.4],
    'far nose-down' => [[FindingKind::FarNoseDown], 0.75, -90.0],
]);

it('calls a trailer nose-up a little above level, not a degree above it', function (): void {
    [$prior, $readings] = work(0.75, 0.2, Priors::rig(0.02, 20.0, 3.0, null, 95.0));
    $analysis = analysed($prior, [
        ...$readings->threeStances(),
        $readings->one(ReadingContext::carried(0.0), Observed::NoseRise, 2.0),
    ]);
    $pitch = $analysis->recommendation()->present->trailerPitch()->degrees();

    expect($pitch)
        ->toBeGreaterThan(0.3)
        ->toBeLessThan(0.9)
        ->and(array_map(fn ($finding): FindingKind => $finding->kind, $analysis->findings()))
        ->toContain(FindingKind::NoseUp);
});

it('ranks what was assumed by what knowing it would do', function (): void {
    [$prior] = work(0.5, 0.8, Priors::rig(0.25, 20.0, 25.0));
    $assumptions = [
        new Assumption(RigPart::Trailer, 'cg_above_axle_mm', 500.0, RigParameter::CgHeight->value, 1.0),
        new Assumption(RigPart::Hitch, 'hang_mm', null, RigParameter::Tension->value, 0.24),
        new Assumption(RigPart::Hitch, 'family', null, null, 1.0),
    ];
    $planned = analysed($prior, [], null)->worthKnowing($assumptions);
    [, $readings] = work(0.5, 0.8, $prior);
    $read = analysed($prior, $readings->threeStances())->worthKnowing($assumptions);

    expect($planned[0]->assumption->field)
        ->toBe('hang_mm')
        ->and($planned[0]->chanceThen)
        ->toBeGreaterThan($planned[0]->chanceNow + 0.1)
        ->and($planned[1]->gain())
        ->toEqualWithDelta(0.0, 1e-9)
        ->and($read[0]->chanceNow)
        ->toBeNull()
        ->and($read[0]->doubtThen)
        ->toBeLessThanOrEqual($read[0]->doubtNow);
});

/** A weighed job with one load that is off by so much. @return JobAnalysis */
function mistyped(int $which, float $off, int $seed = 5): JobAnalysis
{
    $random = new Yoke\Proving\Simulation\SeededSource($seed);
    $prior = Priors::rig(0.2, 35.0, 25.0);
    [$rig, $tension] = Priors::draw($prior, $random, 0.2, 10.0);
    $readings = new Readings($rig, $tension, $random, 1.2);
    $loads = [];
    foreach (only($readings, Observed::FrontLoad, Observed::RearLoad, Observed::TrailerLoad) as $i => $load) {
        $ticket = $load->context->stance->value;
        $loads[] = new Observation(
            $load->context,
            $load->observed,
            round($load->value / 10) * 10 + ($i === $which ? $off : 0.0),
            6.0,
            ReadingIdentity::load("{$ticket} {$load->observed->name}", 1, $ticket),
        );
    }

    return analysed($prior, [...$readings->threeStances(), ...$loads]);
}

it('accuses the axle that was typed wrong, first and in kilograms, and never a sound fender', function (
    float $off,
): void {
    [$first, $named, $fenders, $shares] = [0, 0, 0, []];
    for ($seed = 1; $seed <= 6; $seed++) {
        for ($which = 0; $which < 8; $which++) {
            $analysis = mistyped($which, $off, $seed);
            $suspects = $analysis->suspects();
            $slipped = [
                'alone FrontLoad',
                'alone RearLoad',
                'dropped FrontLoad',
                'dropped RearLoad',
                'dropped TrailerLoad',
                'carried FrontLoad',
                'carried RearLoad',
                'carried TrailerLoad',
            ][$which];
            $top = $suspects[0] ?? null;
            $isTrailer =
                str_ends_with($slipped, 'TrailerLoad') &&
                str_ends_with($top?->observation()->identity->key ?? '', 'TrailerLoad');
            $first += $top?->observation()->identity->key === $slipped || $isTrailer ? 1 : 0;
            $named +=
                $top !== null &&
                in_array($top->error->value, ['hundred_off', 'thousand_off', 'digits_swapped', 'load', 'against_the_tape'], true)
                    ? 1
                    : 0;
            $fenders += count(
                array_filter(
                    $suspects,
                    fn ($suspect): bool => ! $suspect->observation()->observed->isLoad() && $suspect->chance > 0.5,
                ),
            );
            $shares[] = abs(
                $analysis->verdict()->share->mean() - mistyped($which, 0.0, $seed)->verdict()->share->mean(),
            );
        }
    }
    expect($first)
        ->toBeGreaterThanOrEqual(45)
        ->and($named)
        ->toBeGreaterThanOrEqual(46)
        ->and($fenders)
        ->toBe(0)
        ->and(count(array_filter($shares, fn (float $apart): bool => $apart > 0.1)))
        ->toBeLessThanOrEqual(2);
})
    ->with([
        '100 kg high' => 100.0,
        '200 kg high' => 200.0,
        '200 kg low' => -200.0,
        'a tonne high' => 1000.0,
        'a tonne low' => -1000.0,
    ])
    ->group('sampled');
