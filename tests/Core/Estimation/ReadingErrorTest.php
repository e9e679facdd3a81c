<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Measuring\Estimation\Reading\Residual;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Estimation\Stories\Suspect;

/** A height that reads so much more than the others say, who pin it down to so much. */
function heightOff(float $off, float $deviation = 0.5): Residual
{
    return new Residual(new Observation(ReadingContext::alone(), Observed::FrontHeight, 950.0, 0.3), $off, $deviation);
}

/** A load that was read where the others say another. */
function loadOff(float $read, float $meant, float $deviation = 8.0, LoadUnit $unit = LoadUnit::Kilogram): Residual
{
    return new Residual(
        new Observation(
            ReadingContext::alone(),
            Observed::FrontLoad,
            $read,
            6.0,
            ReadingIdentity::load('front', 1, 'ticket', $unit),
        ),
        $read - $meant,
        $deviation,
    );
}

it('names the slip of a tape by how far off it is, either way, and none where none fits', function (
    float $off,
    float $deviation,
    ReadingError $error,
): void {
    expect(ReadingError::likeliest(heightOff($off, $deviation)))
        ->toBe($error)
        ->and(ReadingError::likeliest(heightOff(-$off, $deviation)))
        ->toBe($error);
})->with([
    'an eighth' => [3.2, 0.5, ReadingError::EighthInch],
    'an eighth, just within reach' => [3.175 + 0.74, 0.5, ReadingError::EighthInch],
    'past an eighth' => [3.175 + 0.76, 0.5, ReadingError::Unsettled],
    'short of an eighth' => [3.175 - 0.76, 0.5, ReadingError::Unsettled],
    'an eighth, as closely pinned down as it has to be' => [3.2, 0.9, ReadingError::EighthInch],
    'an eighth, not pinned down' => [3.2, 0.95, ReadingError::Unsettled],
    'a quarter' => [6.35 - 0.7, 0.5, ReadingError::QuarterInch],
    'past a quarter' => [6.35 + 0.76, 0.5, ReadingError::Unsettled],
    'ten millimetres' => [10.0 + 0.7, 0.5, ReadingError::TenMillimetres],
    'short of ten' => [10.0 - 0.76, 0.5, ReadingError::Unsettled],
    'half an inch' => [12.7 - 0.7, 0.5, ReadingError::HalfInch],
    'past half an inch' => [12.7 + 0.76, 0.5, ReadingError::Unsettled],
    'nearer to half an inch than to ten' => [11.5, 1.2, ReadingError::HalfInch],
    'nearer to ten than to half an inch' => [11.2, 1.2, ReadingError::TenMillimetres],
    'an inch' => [25.4 + 0.7, 0.5, ReadingError::WholeInch],
    'past an inch' => [25.4 + 0.76, 0.5, ReadingError::Unsettled],
    'short of an inch' => [25.4 - 0.76, 0.5, ReadingError::Unsettled],
    'nothing usual' => [18.0, 0.5, ReadingError::Unsettled],
]);

it('names the slip of a pen by what the load would have been', function (Residual $load, ReadingError $error): void {
    expect(ReadingError::likeliest($load))->toBe($error);
})->with([
    'a hundred high' => [fn (): Residual => loadOff(1520.0, 1421.0), ReadingError::HundredOff],
    'a hundred low' => [fn (): Residual => loadOff(1320.0, 1421.0), ReadingError::HundredOff],
    'a thousand high' => [fn (): Residual => loadOff(2420.0, 1421.0), ReadingError::ThousandOff],
    'a thousand low' => [fn (): Residual => loadOff(420.0, 1421.0), ReadingError::ThousandOff],
    'pounds for kilograms' => [fn (): Residual => loadOff(3130.0, 1420.0), ReadingError::OtherUnit],
    'kilograms for pounds' => [fn (): Residual => loadOff(1420.0 * 0.45359237, 1420.0), ReadingError::OtherUnit],
    'digits swapped' => [fn (): Residual => loadOff(1240.0, 1420.0), ReadingError::DigitsSwapped],
    'a hundred pounds, on a ticket in pounds' => [
        fn (): Residual => loadOff(3230.0 * 0.45359237, 3130.0 * 0.45359237, 8.0, LoadUnit::Pound),
        ReadingError::HundredOff,
    ],
    'a hundred pounds, on a ticket in kilograms' => [
        fn (): Residual => loadOff(1420.0 + 45.36, 1420.0),
        ReadingError::Load,
    ],
    'nothing usual' => [fn (): Residual => loadOff(1475.0, 1420.0), ReadingError::Load],
]);

it('knows loads from heights', function (): void {
    $loads = array_filter(Observed::cases(), fn (Observed $one): bool => $one->isLoad());

    expect(array_values($loads))->toBe([
        Observed::BallLoad,
        Observed::FrontLoad,
        Observed::RearLoad,
        Observed::TrailerLoad,
        Observed::VehicleLoad,
        Observed::RearAndTrailerLoad,
        Observed::TongueWeight,
    ]);
});

it('identifies a reading that nobody names as the first of its stance, in millimetres, on no ticket', function (
    ReadingIdentity $identity,
    string $key,
): void {
    expect([$identity->key, $identity->hookUp, $identity->ticket, $identity->unit])->toBe([
        $key,
        1,
        '',
        LengthUnit::Millimetre,
    ]);
})->with([
    [ReadingIdentity::none(), ''],
    [ReadingIdentity::named('front'), 'front'],
    [ReadingIdentity::height('front'), 'front'],
]);

/**
 * Three stances taped and weighed, exactly, with what somebody wrote wrong.
 *
 * @param  array<string, float>  $wrong  by the key of a reading: what is written more
 */
function weighedWith(array $wrong, bool $isSwapped = false): Posterior
{
    $rig = Priors::rig()->likelyRig();
    $readings = new Readings($rig, 20.0);
    $observations = [];
    foreach ([ReadingContext::alone(), ReadingContext::dropped(), ReadingContext::carried(0.0)] as $context) {
        foreach ([Observed::FrontHeight, Observed::RearHeight, Observed::FrontLoad, Observed::RearLoad] as $observed) {
            $one = $readings->one($context, $observed, $observed->isLoad() ? 6.0 : 1.0);
            $key = "{$context->stance->value} {$observed->name}";
            $swapped =
                $isSwapped && $context->stance->value === 'dropped'
                    ? match ($observed) {
                        Observed::FrontLoad => $readings->one($context, Observed::RearLoad, 6.0)->value,
                        Observed::RearLoad => $readings->one($context, Observed::FrontLoad, 6.0)->value,
                        default => null,
                    }
                    : null;
            $identity = $observed->isLoad()
                ? ReadingIdentity::load($key, 1, $context->stance->value)
                : ReadingIdentity::height($key);
            $observations[] = new Observation(
                $context,
                $observed,
                ($swapped ?? $one->value) + ($wrong[$key] ?? 0.0),
                $one->deviation,
                $identity,
            );
        }
    }

    return (new Estimation(Priors::rig(), $observations))->posterior();
}

it('accuses the load that was written wrong, first and alone, and answers as if it were right', function (
    string $key,
    float $off,
    ReadingError $error,
): void {
    $sound = weighedWith([]);
    $posterior = weighedWith([$key => $off]);
    $first = $posterior->suspects[0];

    expect($sound->suspects)
        ->toBe([])
        ->and($first->observation()->identity->key)
        ->toBe($key)
        ->and($first->error)
        ->toBe($error)
        ->and($first->chance)
        ->toBeGreaterThan(0.9)
        ->toBeLessThanOrEqual(1.0)
        ->and($first->residual->off)
        ->toEqualWithDelta($off, 12.0)
        ->and(array_slice(array_map(fn (Suspect $one): float => $one->chance, $posterior->suspects), 1))
        ->each->toBeLessThan(0.3)
        ->and($posterior->tension())
        ->toEqualWithDelta($sound->tension(), 1.5);
})->with([
    'front, dropped, a hundred high' => ['dropped FrontLoad', 100.0, ReadingError::HundredOff],
    'rear, carried, a thousand low' => ['carried RearLoad', -1000.0, ReadingError::ThousandOff],
    'front, alone, a hundred low' => ['alone FrontLoad', -100.0, ReadingError::HundredOff],
]);

it('names two axles that were written in each other\'s place as that', function (): void {
    $suspects = weighedWith([], true)->suspects;
    $byKey = array_column(
        array_map(fn (Suspect $one): array => [$one->observation()->identity->key, $one->error], $suspects),
        1,
        0,
    );

    expect($byKey)
        ->toHaveKeys(['dropped FrontLoad', 'dropped RearLoad'])
        ->and($byKey['dropped FrontLoad'])
        ->toBe(ReadingError::AxlesSwapped)
        ->and($byKey['dropped RearLoad'])
        ->toBe(ReadingError::AxlesSwapped);
});

it('ranks what may be wrong by its chance, and speaks of none below one in twenty', function (): void {
    foreach ([3.0, 4.0, 5.0, 6.0, 8.0, 12.7, 25.4] as $off) {
        $chances = array_map(
            fn (Suspect $one): float => $one->chance,
            weighedWith(['carried FrontHeight' => $off])->suspects,
        );
        $sorted = $chances;
        rsort($sorted);

        expect($chances)->toBe($sorted)->each->toBeGreaterThan(0.05);
    }
});

it('is surer of a slip the farther off it is, and lets it count the less', function (): void {
    $chance = fn (float $off): float => array_column(
        array_map(
            fn (Suspect $one): array => [$one->observation()->identity->key, $one->chance],
            weighedWith(['carried FrontHeight' => $off])->suspects,
        ),
        1,
        0,
    )['carried FrontHeight'] ?? 0.0;
    $chances = array_map(fn (float $off): float => round($chance($off), 6), [2.0, 4.0, 6.0, 8.0, 12.7]);
    $sorted = $chances;
    sort($sorted);
    $shift = fn (float $off): float => abs(
        weighedWith(['carried FrontHeight' => $off])->tension() - weighedWith([])->tension(),
    );

    expect($chances)
        ->toBe($sorted)
        ->and($chances[0])
        ->toBeLessThan(0.05)
        ->and($chances[4])
        ->toBeGreaterThan(0.95)
        ->and($shift(25.4))
        ->toBeLessThan(0.3 * $shift(3.0) + 0.5);
});
