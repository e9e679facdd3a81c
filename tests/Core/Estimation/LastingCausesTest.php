<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Internal\Tapings;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Measuring\Estimation\Stories\Mistake;
use Yoke\Measuring\Estimation\Stories\MistakeKind;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Estimation\Stories\Suspect;

function lastingPrior(): RigPrior
{
    $prior = Priors::rig(0.2, 20.0, 6.0);

    return Priors::rig(0.2, $prior->likelyRig()->tensionFor(0.6), 6.0);
}

/**
 * Alone, dropped and carried so often, all at the same setting.
 *
 * @param  array{int, int, int}  $times
 * @param  Closure(int, bool, float): float  $off  by taping, whether it is the front, and hours: how far it is off, mm
 * @return list<Observation>
 */
function lastingReadings(array $times, Closure $off, ?float $apart = 0.1): array
{
    $prior = lastingPrior();
    $readings = new Readings($prior->likelyRig(), $prior->likely(RigParameter::Tension->value), null, 1.0);
    $observations = [];
    $taping = 0;
    foreach ([ReadingContext::alone(), ReadingContext::dropped(), ReadingContext::carried(0.0)] as $stance => $context) {
        for ($i = 0; $i < $times[$stance]; $i++, $taping++) {
            foreach ($readings->heights($context) as $end => $one) {
                $hours = $apart === null ? null : $apart * $taping;
                $observations[] = new Observation(
                    $context,
                    $one->observed,
                    $one->value + $off($taping, $end === 0, $hours ?? 0.0),
                    1.0,
                    ReadingIdentity::height("{$taping} {$end}", standing: (string) $taping, hours: $hours),
                );
            }
        }
    }

    return $observations;
}

/** @param  list<Observation>  $observations */
function lastingTold(array $observations): Posterior
{
    return (new Estimation(lastingPrior(), $observations))->posterior();
}

/** @return array<string, float> chance by the error's key, the likeliest of each */
function namedErrors(Posterior $posterior): array
{
    $named = [];
    foreach ($posterior->suspects as $suspect) {
        $named[$suspect->error->value] = max($named[$suspect->error->value] ?? 0.0, $suspect->chance);
    }

    return $named;
}

it('puts right what was exchanged, two tapings or three in turn, and nothing else', function (): void {
    $read = lastingReadings([1, 1, 1], fn (): float => 0.0);
    $tapings = new Tapings($read);
    $values = fn (array $observations): array => array_map(fn (Observation $one): float => $one->value, $observations);
    $before = $values($read);

    $pair = $values($tapings->putRight(Mistake::inTurn(MistakeKind::StancesSwapped, 0, 2), $read));
    expect($pair)->toBe([$before[2], $before[3], $before[0], $before[1], $before[4], $before[5]]);
    $three = $values($tapings->putRight(Mistake::inTurn(MistakeKind::StancesSwapped, 0, 2, 4), $read));
    expect($three)->toBe([$before[2], $before[3], $before[4], $before[5], $before[0], $before[1]]);
    $ends = $values($tapings->putRight(Mistake::lasting(MistakeKind::Swapped, 2), $read));
    expect($ends)->toBe([$before[0], $before[1], $before[3], $before[2], $before[4], $before[5]]);
    expect($values($tapings->putRight(Mistake::slip(1), $read)))->toBe($before);
});

it('names stances that were written down under each other\'s name, and reads the rig all the same', function (
    array $turn,
): void {
    $read = lastingReadings([1, 1, 1], fn (): float => 0.0);
    $plain = lastingTold($read);
    $written = (new Tapings($read))->putRight(Mistake::inTurn(MistakeKind::StancesSwapped, ...$turn), $read);
    $told = lastingTold($written);

    expect(namedErrors($told)[ReadingError::StancesSwapped->value] ?? 0.0)
        ->toBeGreaterThan(0.8)
        ->and($told->tongueWeight()->mean())
        ->toEqualWithDelta($plain->tongueWeight()->mean(), 0.02 * $plain->tongueWeight()->mean())
        ->and($told->tongueWeight()->deviation())
        ->toBeGreaterThan($plain->tongueWeight()->deviation());
})->with([
    'dropped for carried' => [[2, 4]],
    'alone for dropped' => [[0, 2]],
    'each as the next' => [[0, 2, 4]],
    'each as the one before' => [[0, 4, 2]],
]);

it('names a rear that creeps with the clock, and none where nobody knows when it was read', function (): void {
    $creeps = fn (int $taping, bool $isFront, float $hours): float => $isFront ? 0.0 : -25.0 * $hours;
    $wander = ReadingError::Wander->value;
    $told = lastingTold(lastingReadings([3, 3, 3], $creeps));

    expect(namedErrors($told)[$wander] ?? 0.0)
        ->toBeGreaterThan(0.6)
        ->and(namedErrors(lastingTold(lastingReadings([3, 3, 3], $creeps, null))))
        ->not->toHaveKey($wander)
        ->and(namedErrors(lastingTold(lastingReadings([3, 3, 3], fn (): float => 0.0))))
        ->not->toHaveKey($wander);
    $suspect = array_values(
        array_filter($told->suspects, fn (Suspect $one): bool => $one->error === ReadingError::Wander),
    )[0];
    expect($suspect->observation()?->identity->key)->toBe('0 1', 'the rear, not the front');
});

it('takes a clock that runs over a night for none', function (): void {
    $told = lastingTold(lastingReadings([3, 3, 3], fn (int $taping, bool $isFront): float => $isFront ? 0 : -2.5 * $taping, 4.0));

    expect(namedErrors($told))->not->toHaveKey(ReadingError::Wander->value);
});

it('trusts no fender whose repeats lie far apart, and the other all the same', function (): void {
    $spread = [0, 0, -9.0, 8.0, -7.0, 9.0, -4.0];
    $told = lastingTold(
        lastingReadings([1, 1, 5], fn (int $taping, bool $isFront): float => $isFront ? 0.0 : $spread[$taping]),
    );
    $alike = lastingTold(
        lastingReadings([1, 1, 5], fn (int $taping, bool $isFront): float => $isFront || $taping < 2 ? 0.0 : 9.0),
    );

    expect(namedErrors($told)[ReadingError::Unreliable->value] ?? 0.0)
        ->toBeGreaterThan(0.6)
        ->and(namedErrors($alike))
        ->not->toHaveKey(ReadingError::Unreliable->value);
});
