<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Readings\ObservationMapper;
use Yoke\Measuring\Readings\Sight\Seen;
use Yoke\Measuring\Readings\Sight\Sight;
use Yoke\Rig\Parts\Stance;

/** What an eye says of the carried rig. */
function seenCarried(Seen $seen): Observation
{
    return (new ObservationMapper(new PriorDoubts(), 5150.0))->seen(
        ReadingContext::carried(0.0),
        $seen,
        3720.0,
        $seen->value,
    );
}

/** @param  list<Observation>  $carried  besides the tape alone and dropped, of a rig that restores three quarters */
function sightedRig(array $carried, float $tensionDoubt = 30.0): Posterior
{
    $prior = Priors::rig(0.1, 60.0, $tensionDoubt);
    $readings = new Readings($prior->likelyRig(), $prior->likelyRig()->tensionFor(0.75), null, 1.0);

    return (new Estimation($prior, [
        ...$readings->heights(ReadingContext::alone()),
        ...$readings->heights(ReadingContext::dropped()),
        ...$carried,
    ]))->posterior();
}

it('has every answer under one question, and no question with an answer of another', function (): void {
    $all = [];
    foreach (Sight::cases() as $sight) {
        foreach ($sight->answers() as $seen) {
            expect(Sight::of($seen))->toBe($sight)->and($sight->answer($seen->value))->toBe($seen);
            $all[] = $seen->value;
        }
        expect($sight->answer('somewhere'))->toBeNull();
    }

    expect($all)
        ->toHaveCount(count(Seen::cases()))
        ->and(array_unique($all))
        ->toHaveCount(count(Seen::cases()))
        ->and(Sight::Bars->answer(Seen::Level->value))
        ->toBeNull()
        ->and(Sight::in(Stance::Alone))
        ->toBe([])
        ->and(Sight::in(Stance::Dropped))
        ->not->toContain(Sight::Bars)
        ->and(Sight::in(Stance::Carried))
        ->toContain(Sight::Bars);
});

it('rises from one answer to the next, each with a doubt that reaches its neighbour', function (Sight $sight): void {
    $answers = $sight->answers();
    for ($i = 1; $i < count($answers); $i++) {
        [$before, $now] = [$answers[$i - 1]->reading(), $answers[$i]->reading()];
        expect($now->mean())
            ->toBeGreaterThan($before->mean())
            ->and($now->mean() - $before->mean())
            ->toBeLessThan(3.0 * hypot($now->deviation(), $before->deviation()));
    }
})->with(Sight::cases());

it('turns degrees into millimetres over the trailer, and over the wheelbase', function (): void {
    $nose = seenCarried(Seen::NoseUp);
    $beam = seenCarried(Seen::BeamHigher);

    expect($nose->observed)
        ->toBe(Observed::NoseSeen)
        ->and($nose->value)
        ->toEqualWithDelta((M_PI / 180.0) * 5150.0, 1e-6)
        ->and($nose->deviation)
        ->toEqualWithDelta((0.6 * M_PI * 5150.0) / 180.0, 1e-6)
        ->and($beam->observed)
        ->toBe(Observed::PitchSeen)
        ->and($beam->value)
        ->toEqualWithDelta((0.9 * M_PI * 3720.0) / 180.0, 1e-6)
        ->and(seenCarried(Seen::SagsFar)->value)
        ->toBe(130.0);
});

it('takes straight bars for no tension whatever the count says, and well bent ones for much', function (): void {
    $restored = static function (Seen $seen): float {
        $posterior = sightedRig([seenCarried($seen)]);

        return $posterior->predict(
            static fn ($rig, float $tension): float => $rig->carried($tension)->frontRestored(),
        )->mean();
    };
    $told = Priors::rig(0.1, 60.0, 30.0)->likelyRig()->carried(60.0)->frontRestored();

    expect($restored(Seen::Straight))
        ->toBeLessThan(0.3 * $told)
        ->and($restored(Seen::SlightlyBent))
        ->toBeGreaterThan($restored(Seen::Straight))
        ->and($restored(Seen::WellBent))
        ->toBeGreaterThan($restored(Seen::SlightlyBent));
});

it('counts for little beside a tape, and is never taken for a slip', function (): void {
    $prior = Priors::rig(0.1, 60.0, 30.0);
    $rig = $prior->likelyRig();
    $taped = (new Readings($rig, $rig->tensionFor(0.75), null, 1.0))->heights(ReadingContext::carried(0.0));
    $without = sightedRig($taped);
    $with = sightedRig([...$taped, seenCarried(Seen::NoseWellUp)]);
    $tension = static fn (Posterior $posterior): float => $posterior->value(RigParameter::Tension->value)->mean();
    $suspected = array_filter(
        $with->suspects,
        static fn ($suspect): bool => $suspect->observation()?->observed->isSeen() === true,
    );

    expect(abs($tension($with) - $tension($without)))
        ->toBeLessThan(0.5 * $without->value(RigParameter::Tension->value)->deviation())
        ->and($suspected)
        ->toBe([]);
});

it('says by two heights of a frame which end is up, however far apart they are', function (): void {
    $ends = static fn (float $difference): Observation => (new ObservationMapper(
        new PriorDoubts(),
        5150.0,
    ))->frameEnds(ReadingContext::carried(0.0), $difference, 'frame');

    expect($ends(40.0)->observed)
        ->toBe(Observed::NoseRise)
        ->and($ends(40.0)->value - 2.0 * $ends(40.0)->deviation)
        ->toBeGreaterThan(0.0)
        ->and($ends(-40.0)->value + 2.0 * $ends(-40.0)->deviation)
        ->toBeLessThan(0.0)
        ->and($ends(0.0)->value)
        ->toBe(0.0)
        ->and($ends(0.0)->deviation)
        ->toBeGreaterThan(3.0);
});
