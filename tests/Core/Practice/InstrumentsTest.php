<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\ExerciseSampler;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Players\Hands;
use Yoke\Proving\Practice\Run\Belief;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

require_once __DIR__.'/rigs.php';

/** A run of an exercise that was brought to stand so, free to roll. */
function standing(string|Fault $of, Stance $stance): Run
{
    $exercise = is_string($of) ? exerciseOf($of) : exerciseWith($of);
    $hands = new Hands(new Run($exercise), Fineness::Millimetre);
    $hands->stand($stance);
    if ($hands->run->situation()->isChocked) {
        $hands->run->do(Act::plain(ActKind::TakeChocks));
    }

    return $hands->run;
}

it('weighs every axle that stands on the bridge, in whole tens of kilograms near the truth', function (): void {
    foreach (Stance::cases() as $stance) {
        $run = standing('2-00005-3', $stance);
        $shown = $run->do(Act::plain(ActKind::Weigh))->weight->kg ?? [];
        $truth = $run->exercise->hidden->loads($stance, $run->situation()->hitch, []);
        expect(array_keys($shown))->toBe(array_keys($truth));
        foreach ($shown as $axle => $load) {
            expect(fmod($load, 10.0))->toBe(0.0)->and(abs($load - $truth[$axle]))->toBeLessThan(17.0);
        }
    }
});

it('moves load between axles and makes none: the bridge shows vehicle and trailer in every stance', function (): void {
    $alone = array_sum(standing('2-00005-3', Stance::Alone)->do(Act::plain(ActKind::Weigh))->weight->kg ?? []);
    foreach ([Stance::Dropped, Stance::Carried] as $stance) {
        $run = standing('2-00005-3', $stance);
        $all = array_sum($run->do(Act::plain(ActKind::Weigh))->weight->kg ?? []);
        expect(abs($all - $alone - $run->exercise->rig->rig->trailer->grossWeight->kilograms()))->toBeLessThan(35.0);
    }
});

it('misses on the bridge what stands on the jack, and has what sits in the cab', function (
    Fault $fault,
    float $more,
): void {
    $run = standing($fault, Stance::Dropped);
    $hidden = $run->exercise->hidden;
    $on =
        array_sum($hidden->loads(Stance::Dropped, $run->situation()->hitch, [$fault])) -
        array_sum($hidden->loads(Stance::Dropped, $run->situation()->hitch, []));

    expect($on)->toEqualWithDelta($more === 0.0 ? -0.35 * $hidden->tongueWeight([]) : $more, 0.01);
})->with(['weight on the jack' => [Fault::WeightOnJack, 0.0], 'somebody in the cab' => [Fault::SomebodyInCab, 85.0]]);

it('tells a light tongue on the scale, so that whoever weighs it knows', function (): void {
    $light = standing(Fault::TongueTooLight, Stance::Alone);
    $shown = $light->do(Act::plain(ActKind::WeighTongue))->weight->kg['tongue'] ?? 0.0;
    $told = $light->exercise->rig->told->tongueWeight()->value;

    expect(abs($shown / $light->exercise->hidden->tongueWeight([Fault::TongueTooLight]) - 1.0))
        ->toBeLessThan(0.08)
        ->and($shown)
        ->toBeLessThan(0.75 * $told);
});

it('learns from what was weighed: the belief knows the tongue closer once it was on the scale', function (): void {
    $closer = 0;
    for ($seed = 0; $seed < 20; $seed++) {
        $run = new Run(
            (new ExerciseSampler(new Yoke\Measuring\Estimation\Prior\PriorDoubts()))->draw(ExerciseCode::of(Level::RealTape, $seed)),
        );
        $before = (new Belief($run))
            ->analysis()
            ->posterior()
            ->value(Yoke\Measuring\Estimation\Prior\RigParameter::TongueWeight->value)
            ->deviation();
        $run->do(Act::plain(ActKind::WeighTongue));
        $closer +=
            (new Belief($run))->analysis()->posterior()->value(Yoke\Measuring\Estimation\Prior\RigParameter::TongueWeight->value)->deviation() <
            $before
                ? 1
                : 0;
    }

    expect($closer)->toBe(20);
});

it('believes nothing of the hidden truth: the same readings of another rig tell the same', function (): void {
    $read = static function (string $code): Run {
        $run = new Run(exerciseOf($code));
        $run->do(Act::tape(Axle::Front, 850.0, Eye::Level));
        $run->do(Act::tape(Axle::Rear, 900.0, Eye::Level));

        return $run;
    };
    $one = new Belief($read('2-00005-3'));
    $other = new Belief($read('2-00005-3'));

    expect($one->observations())
        ->toEqual($other->observations())
        ->and(array_map(static fn ($observation): float => $observation->value, $one->observations()))
        ->toBe([850.0, 900.0]);
});

it('stands another way each time it is rolled, and the same way for whoever rolls it as often', function (): void {
    $rolled = static function (int $times): float {
        $run = standing('2-00005-3', Stance::Alone);
        for ($i = 0; $i < $times; $i++) {
            $run->do(Act::plain(ActKind::Roll));
        }

        return $run->tape(Axle::Rear, Eye::Level)->stood;
    };

    expect($rolled(1))->not->toBe($rolled(2))->and($rolled(2))->toBe($rolled(2));
});

it('keeps an edge that is read again in the same standing once, the later reading', function (): void {
    $run = standing('2-00005-3', Stance::Alone);
    $run->do(Act::tape(Axle::Front, 800.0, Eye::Level));
    $run->do(Act::tape(Axle::Front, 850.0, Eye::Level));
    $run->do(Act::plain(ActKind::Roll));
    $run->do(Act::tape(Axle::Front, 851.0, Eye::Level));

    expect(array_map(static fn ($height): float => $height->read, $run->heights()))->toBe([850.0, 851.0]);
});
