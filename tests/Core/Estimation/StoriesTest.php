<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Foundation\Probability\LogNormal;
use Yoke\Judgement\Advice\StanceEvaluator;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\HookUp;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Measuring\Estimation\Stories\Hypothesis;
use Yoke\Measuring\Estimation\Stories\MistakeKind;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Parts\Stance;

const LINK_MM = 27.0;

/** The planetarium's rig at three quarters, its tension known as well as said. */
function storyPrior(float $tensionDoubt = 6.0): RigPrior
{
    $prior = Priors::rig(0.2, 20.0, $tensionDoubt);

    return Priors::rig(0.2, $prior->likelyRig()->tensionFor(0.75), $tensionDoubt);
}

/**
 * Alone and dropped read so often, and so many hook-ups, each taped without error unless it is said.
 *
 * @param  list<array{float, float, HookUp|null}>  $hookUps  tension offset as it is written down, what the bars truly
 *     have more, and the hook-up
 * @param  array<int, float>  $off  by the place of the reading: how far it is off, mm
 * @return list<Observation>
 */
function storyReadings(
    RigPrior $prior,
    array $hookUps = [[0.0, 0.0, null]],
    array $off = [],
    int $times = 2,
    float $shared = 0.0,
): array {
    $truth = $prior->likelyRig();
    $tension = $prior->likely(RigParameter::Tension->value);
    $stands = [];
    for ($i = 0; $i < $times; $i++) {
        array_push($stands, [ReadingContext::alone(), 0.0], [ReadingContext::dropped(), 0.0]);
    }
    foreach ($hookUps as [$written, $more, $hookUp]) {
        $stands[] = [ReadingContext::carried($written, 0.0, $hookUp), $more];
    }
    $observations = [];
    foreach ($stands as $stand => [$context, $more]) {
        foreach ((new Readings($truth, $tension + $more, null, 1.0))->heights($context) as $one) {
            $i = count($observations);
            $observations[] = new Observation(
                $context,
                $one->observed,
                $one->value + ($off[$i] ?? 0.0),
                1.0,
                ReadingIdentity::height("reading {$i}", standing: (string) $stand),
                $shared,
            );
        }
    }

    return $observations;
}

/** @param  list<Observation>  $observations */
function told(RigPrior $prior, array $observations): Posterior
{
    return (new Estimation($prior, $observations))->posterior();
}

function chanceOf(Posterior $posterior, MistakeKind $kind): float
{
    return array_sum(
        array_map(
            fn (Hypothesis $story): float => array_filter(
                $story->mistakes,
                fn ($mistake): bool => $mistake->kind === $kind,
            ) === []
                ? 0.0
                : $story->chance,
            $posterior->stories,
        ),
    );
}

it('tells one story above all of readings that agree, and keeps the others small', function (): void {
    $posterior = told(storyPrior(), storyReadings(storyPrior(), [[0.0, 0.0, HookUp::ofSteps(1, LINK_MM)]]));

    expect($posterior->stories[0]->mistakes)
        ->toBe([])
        ->and($posterior->stories[0]->chance)
        ->toBeGreaterThan(0.9)
        ->and(array_sum(array_column($posterior->stories, 'chance')))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and($posterior->suspects)
        ->toBe([]);
});

it('ranks its stories, and none is above one or below what is worth telling', function (array $off): void {
    $chances = array_column(told(storyPrior(), storyReadings(storyPrior(), off: $off))->stories, 'chance');
    $sorted = $chances;
    rsort($sorted);

    expect($chances)
        ->toBe($sorted)
        ->and(array_sum($chances))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and(min($chances))
        ->toBeGreaterThan(0.0);
})->with(['none' => [[]], 'one' => [[3 => 12.7]], 'two' => [[0 => -12.7, 7 => 25.4]], 'small' => [[5 => 3.0]]]);

it('finds a slip of half an inch in any height that was read twice, and what the rig is without it', function (
    int $which,
    float $off,
): void {
    $prior = storyPrior();
    $posterior = told($prior, storyReadings($prior, off: [$which => $off]));
    $share = (new StanceEvaluator($posterior, usualGoal()))->at(0.0, 0.0)->share();

    expect($posterior->suspects[0]->observation()?->identity->key)
        ->toBe("reading {$which}")
        ->and($posterior->suspects[0]->chance)
        ->toBeGreaterThan(0.6)
        ->and($posterior->suspects[0]->error)
        ->toBe(ReadingError::HalfInch)
        ->and($share->mean())
        ->toEqualWithDelta(0.75, 0.08);
})
    ->with(['alone, front' => 0, 'alone, rear' => 1, 'dropped, front' => 2, 'dropped, rear' => 3])
    ->with([12.7, -12.7]);

it('is less sure of a share while two stories explain the readings as well', function (): void {
    $prior = storyPrior(25.0);
    $doubt = fn (array $off): float => (new StanceEvaluator(
        told($prior, storyReadings($prior, off: $off, times: 1)),
        usualGoal(),
    ))
        ->at(0.0, 0.0)
        ->share()
        ->deviation();

    expect($doubt([4 => 8.0]))->toBeGreaterThan(1.3 * $doubt([]));
});

it('finds two slips, one after the other', function (): void {
    $prior = storyPrior();
    $posterior = told($prior, storyReadings($prior, off: [1 => 25.4, 4 => -12.7], times: 3));
    $keys = array_map(
        fn (Suspect $one): ?string => $one->observation()?->identity->key,
        array_slice($posterior->suspects, 0, 2),
    );
    sort($keys);

    expect($keys)
        ->toBe(['reading 1', 'reading 4'])
        ->and(count($posterior->stories[0]->mistakes))
        ->toBe(2);
});

it('tells a miscounted link from the tension that was taped, either way, and not where it was counted again', function (
    float $more,
): void {
    $prior = storyPrior(4.0);
    $uncounted = told($prior, storyReadings($prior, [[0.0, $more, HookUp::ofSteps(1, LINK_MM)]], times: 3));
    $counted = told($prior, storyReadings($prior, [[0.0, $more, HookUp::counted(1)]], times: 3));
    $setting =
        array_values(array_filter($uncounted->suspects, fn (Suspect $one): bool => $one->hookUp === 1))[0] ?? null;

    expect($setting?->error)
        ->toBe(ReadingError::OneStep)
        ->and($setting?->chance)
        ->toBeGreaterThan(0.1)
        ->and($setting?->observation())
        ->toBeNull()
        ->and(array_filter($counted->suspects, fn (Suspect $one): bool => $one->hookUp > 0))
        ->toBe([]);
})->with(['one tighter' => LINK_MM, 'one looser' => -LINK_MM]);

it('tells which of two hook-ups was miscounted, by what lies between them', function (): void {
    $prior = storyPrior(4.0);
    $posterior = told(
        $prior,
        storyReadings(
            $prior,
            [
                [0.0, LINK_MM, HookUp::ofSteps(1, LINK_MM)],
                [-LINK_MM, 0.0, HookUp::ofSteps(2, LINK_MM)],
                [-LINK_MM, 0.0, HookUp::ofSteps(2, LINK_MM)],
            ],
            times: 3,
        ),
    );
    $byHookUp = array_column(
        array_map(fn (Suspect $one): array => [$one->hookUp, $one->chance], $posterior->suspects),
        1,
        0,
    );

    expect($byHookUp[1] ?? 0.0)
        ->toBeGreaterThan(0.5)
        ->toBeGreaterThan($byHookUp[2] ?? 0.0);
});

it('forecasts the hook-up that is on as it truly is, and any other as it is counted', function (): void {
    $prior = storyPrior(4.0);
    $posterior = told($prior, storyReadings($prior, [[0.0, LINK_MM, HookUp::ofSteps(1, LINK_MM)]], times: 3));
    $stances = new StanceEvaluator($posterior, usualGoal());
    $truth = $prior
        ->likelyRig()
        ->carried($prior->likely(RigParameter::Tension->value) + LINK_MM)
        ->frontRestored();

    expect(abs($stances->at(0.0, 0.0, 1)->share()->mean() - $truth))
        ->toBeLessThan(abs($stances->at(0.0, 0.0)->share()->mean() - $truth))
        ->and($stances->at(0.0, 0.0, 7)->share()->mean())
        ->toEqualWithDelta($stances->at(0.0, 0.0)->share()->mean(), 1e-9);
});

it('corrects a fit by a straight line as far as fitting anew would', function (float $off): void {
    $prior = storyPrior();
    $observations = storyReadings($prior, off: [3 => $off], times: 2);
    $slipped =
        array_values(
            array_filter(
                told($prior, $observations)->stories,
                fn (Hypothesis $story): bool => $story->has(MistakeKind::Slip, 3),
            ),
        )[0] ?? null;
    $without = $observations;
    unset($without[3]);
    $anew = told($prior, array_values($without));

    expect($slipped)->not->toBeNull();
    foreach ([RigParameter::FrontRate->value, RigParameter::RearRate->value, RigParameter::Tension->value] as $parameter) {
        expect($slipped->at[$parameter])->toEqualWithDelta($anew->stories[0]->at[$parameter], 0.12);
    }
})->with(['small' => 5.0, 'half an inch' => 12.7]);

it('suspects somebody in the cab where both fenders of one standing are low together', function (): void {
    $prior = storyPrior();
    $posterior = told(
        $prior,
        storyReadings($prior, off: [0 => (-80 * 0.55) / 12.4, 1 => (-80 * 0.45) / 9.1], times: 3),
    );
    $one =
        array_values(
            array_filter($posterior->suspects, fn (Suspect $suspect): bool => $suspect->error === ReadingError::Aboard),
        )[0] ?? null;

    expect(chanceOf($posterior, MistakeKind::Aboard))
        ->toBeGreaterThan(0.05)
        ->and($one?->observation()?->context->stance)
        ->toBe(Stance::Alone);
});

it('doubts a tongue weight that was told closely and cannot be right, and none that was only guessed', function (
    float $doubt,
    bool $isDoubted,
): void {
    $truth = storyPrior()->likelyRig();
    $told = [12.4, 9.1, 402.0 * 1.25, 52.0, 520.0, 5.9];
    $prior = new RigPrior(
        storyPrior()->known(),
        array_map(
            fn (float $value, int $i): LogNormal => new LogNormal(
                $value,
                $i === RigParameter::TongueWeight->value ? $doubt : 0.05,
            ),
            $told,
            array_keys($told),
        ),
        Yoke\Foundation\Probability\Normal::of(storyPrior()->likely(RigParameter::Tension->value), 6.0),
    );
    $readings = new Readings($truth, storyPrior()->likely(RigParameter::Tension->value));
    $posterior = told($prior, [
        ...$readings->threeStances(),
        ...$readings->threeStances(),
        $readings->one(ReadingContext::alone(), Observed::FrontLoad, 6.0),
        $readings->one(ReadingContext::dropped(), Observed::FrontLoad, 6.0),
        $readings->one(ReadingContext::alone(), Observed::RearLoad, 6.0),
        $readings->one(ReadingContext::dropped(), Observed::RearLoad, 6.0),
    ]);

    expect(
        array_filter($posterior->suspects, fn (Suspect $one): bool => $one->error === ReadingError::ToldWrong) !== [],
    )->toBe($isDoubted);
})->with(['by a gauge' => [0.03, true], 'by guess' => [0.12, false]]);

it('knows no less of a stance by reading it again, and no more than what its readings share allows', function (): void {
    $prior = storyPrior(25.0);
    $deviation = fn (int $times, float $shared): float => told(
        $prior,
        storyReadings($prior, times: $times, shared: $shared),
    )
        ->predict(fn (CoupledRig $rig, float $tension): float => $rig->taut($tension)->frontRestored())
        ->deviation();

    expect($deviation(2, 0.0))
        ->toBeLessThan($deviation(1, 0.0))
        ->and($deviation(8, 1.5) / $deviation(2, 1.5))
        ->toBeGreaterThan($deviation(8, 0.0) / $deviation(2, 0.0))
        ->and($deviation(2, 1.5))
        ->toBeGreaterThan($deviation(2, 0.0));
});

it('reads a fender that leans to a side as the height it leans from', function (): void {
    $prior = storyPrior(25.0);
    $plain = storyReadings($prior);
    $leaning = array_map(
        fn (Observation $one): Observation => new Observation(
            $one->context,
            $one->observed,
            $one->value + ($one->context->stance === Stance::Alone ? 0.0 : 1.5),
            $one->deviation,
            $one->identity,
            0.0,
            $one->context->stance === Stance::Alone ? 0.0 : 1.5,
        ),
        $plain,
    );
    $share = fn (array $observations): float => (new Estimation($prior, $observations))
        ->asRead()
        ->predict(fn (CoupledRig $rig, float $tension): float => $rig->taut($tension)->frontRestored())
        ->mean();

    expect($share($leaning))->toEqualWithDelta($share($plain), 1e-6);
});

it('tells the same stories whatever the order of the readings', function (): void {
    $prior = storyPrior();
    $forward = storyReadings($prior, [[0.0, 0.0, HookUp::ofSteps(1, LINK_MM)]], [3 => 12.7]);
    $keys = fn (array $observations): array => array_map(
        fn (Suspect $one): array => [$one->observation()?->identity->key, round($one->chance, 2)],
        told($prior, $observations)->suspects,
    );

    expect($keys(array_reverse($forward)))->toBe($keys($forward));
});
