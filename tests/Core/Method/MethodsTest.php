<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\Exception\ImpossibleBand;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\StanceQuantities;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Judgement\Method\Verdict;
use Yoke\Mechanics\Statics\LevellingLoss;

/** A stance whose quantity, share and bend are known closely. */
function stance(
    float $quantity,
    float $share = 0.75,
    float $bend = 40.0,
    float $lost = 0.0,
    float $ceiling = 1.0,
    float $doubt = 0.01,
): StanceQuantities {
    return new StanceQuantities(
        Normal::of($quantity, $doubt),
        Normal::of($share, 0.01),
        Normal::of($bend, 0.5),
        $lost,
        $ceiling,
    );
}

function goal(
    Criterion $criterion = Criterion::FrontRestoration,
    ?TargetRange $band = null,
    ?float $ballLoad = null,
): Goal {
    return new Goal($band ?? TargetRange::usual(), $criterion, new Tolerances(), $ballLoad === null ? null : Load::ofKilograms($ballLoad));
}

it('judges by the range of its method, to the edge of its tolerance', function (
    Criterion $criterion,
    float $quantity,
    Verdict $verdict,
): void {
    $share = $criterion->isShare() ? $quantity : 0.75;

    expect(goal($criterion)->governing()->chances(stance($quantity, $share))->verdict())
        ->toBe($verdict)
        ->and(goal($criterion)->governing()->criterion())
        ->toBe($criterion);
})->with([
    'restoration, too little' => [Criterion::FrontRestoration, 0.47, Verdict::TooLittle],
    'restoration, just in' => [Criterion::FrontRestoration, 0.53, Verdict::InRange],
    'restoration, just in at the top' => [Criterion::FrontRestoration, 0.97, Verdict::InRange],
    'restoration, too much' => [Criterion::FrontRestoration, 1.03, Verdict::TooMuch],
    'restoration, on the edge' => [Criterion::FrontRestoration, 0.5, Verdict::NotSure],
    'scale, too little' => [Criterion::AxleScale, 0.47, Verdict::TooLittle],
    'scale, too much' => [Criterion::AxleScale, 1.03, Verdict::TooMuch],
    'squat, rear down 13.5 mm more' => [Criterion::EqualSquat, 13.5, Verdict::TooLittle],
    'squat, 12.5 mm' => [Criterion::EqualSquat, 12.5, Verdict::InRange],
    'squat, front down 12.5 mm more' => [Criterion::EqualSquat, -12.5, Verdict::InRange],
    'squat, front down 13.5 mm more' => [Criterion::EqualSquat, -13.5, Verdict::TooMuch],
    'coupler 6.5 mm low' => [Criterion::CouplerHeight, -6.5, Verdict::TooLittle],
    'coupler 5.5 mm low' => [Criterion::CouplerHeight, -5.5, Verdict::InRange],
    'coupler 5.5 mm high' => [Criterion::CouplerHeight, 5.5, Verdict::InRange],
    'coupler 6.5 mm high' => [Criterion::CouplerHeight, 6.5, Verdict::TooMuch],
]);

it('holds a gauge to four percent of its target', function (float $off, Verdict $verdict): void {
    expect(goal(Criterion::BallLoad)->governing()->chances(stance($off, doubt: 0.0005))->verdict())->toBe($verdict);
})->with([
    'low' => [-0.042, Verdict::TooLittle],
    'just in' => [-0.038, Verdict::InRange],
    'just in, high' => [0.038, Verdict::InRange],
    'high' => [0.042, Verdict::TooMuch],
]);

it('calls it too much by any method once the front is heavier than alone', function (Criterion $criterion): void {
    $chances = goal($criterion)->governing()->chances(stance($criterion->isShare() ? 1.05 : 0.0, 1.05));

    expect($chances->verdict())->toBe(Verdict::TooMuch)->and($chances->tooMuch)->toBeGreaterThan(0.999);
})->with(Criterion::cases());

it('wants bars visibly bent before it trusts a level coupler', function (float $bend, Verdict $verdict): void {
    expect(goal(Criterion::CouplerHeight)->governing()->chances(stance(0.0, 0.75, $bend))->verdict())->toBe($verdict);
})->with(['straight' => [3.5, Verdict::TooLittle], 'just bent' => [6.5, Verdict::InRange]]);

it('aims the gauge at the middle of the range by the closed form, or at the maker\'s figure', function (): void {
    $rig = Priors::rig()->likelyRig();
    $middle = $rig->carried($rig->tensionFor(0.75));
    $closed = 402.0 * (1 + (0.75 * 1340 * (5150 - 720)) / (720 * (5150 + 1340)));

    expect(goal()->ballLoad()->target($rig, 0.0)->kilograms())
        ->toEqualWithDelta($closed, 1e-6)
        ->and(goal(Criterion::BallLoad)->governing()->quantity($middle, 0.0))
        ->toEqualWithDelta($middle->ballLoad()->kilograms() / $closed - 1.0, 1e-12)
        ->and(goal(Criterion::BallLoad)->governing()->quantity($middle, 0.0))
        ->toEqualWithDelta(0.0, 0.03)
        ->and(goal(ballLoad: 900.0)->ballLoad()->target($rig, 0.0)->kilograms())
        ->toBe(900.0)
        ->and(goal()->ballLoad()->target($rig, 0.3)->kilograms())
        ->toBeGreaterThan($closed);
});

it('looks at what each school looks at', function (): void {
    $rig = Priors::rig()->likelyRig();
    $carried = $rig->carried($rig->tensionFor(0.6));
    $quantity = fn (Criterion $criterion): float => goal($criterion)->governing()->quantity($carried, 0.0);

    expect($quantity(Criterion::FrontRestoration))
        ->toEqualWithDelta(0.6, 1e-9)
        ->and($quantity(Criterion::AxleScale))
        ->toEqualWithDelta(0.6, 1e-9)
        ->and($quantity(Criterion::EqualSquat))
        ->toBe($carried->frontRise()->millimetres() - $carried->rearRise()->millimetres())
        ->and($quantity(Criterion::CouplerHeight))
        ->toBe($carried->ballRise()->millimetres())
        ->and(
            array_map(
                fn (Criterion $criterion): bool => goal($criterion)->governing()->movesTheHead(),
                Criterion::cases(),
            ),
        )
        ->toBe([false, false, true, false, false]);
});

it('moves the range by what levelling takes back, and never past full return', function (
    float $lost,
    float $from,
    float $to,
): void {
    $range = goal()->method(Criterion::FrontRestoration)->range($lost);

    expect($range->low)
        ->toEqualWithDelta($from, 1e-9)
        ->and($range->high)
        ->toEqualWithDelta($to, 1e-9)
        ->and(goal()->method(Criterion::AxleScale)->range($lost))
        ->toEqual($range)
        ->and(TargetRange::usual()->raisedBy($lost)->ceiling())
        ->toBe(1.0);
})->with([
    'nothing' => [0.0, 0.5, 1.0],
    'a quarter' => [0.25, 0.75, 1.0],
    'more than there is' => [0.7, 0.98, 1.0],
    'a gain is none' => [-0.1, 0.5, 1.0],
]);

it('judges a levelled rig by the raised range', function (): void {
    $method = goal()->governing();

    expect($method->chances(stance(0.62, 0.62))->verdict())
        ->toBe(Verdict::InRange)
        ->and($method->chances(stance(0.62, 0.62, lost: 0.25))->verdict())
        ->toBe(Verdict::TooLittle)
        ->and($method->chances(stance(0.8, 0.8, lost: 0.25))->verdict())
        ->toBe(Verdict::InRange);
});

it('goes past full return only where the hitch\'s maker asks for it', function (): void {
    $makers = TargetRange::usual()->upToMakers(1.15);

    expect([$makers->from, $makers->to, $makers->ceiling()])
        ->toBe([0.5, 1.15, 1.15])
        ->and(TargetRange::usual()->ceiling())
        ->toBe(1.0)
        ->and(TargetRange::of(0.2, 0.6)->ceiling())
        ->toBe(1.0)
        ->and(TargetRange::of(0.2, 0.6)->middle())
        ->toEqualWithDelta(0.4, 1e-12)
        ->and(TargetRange::usual()->upToMakers(0.8)->to)
        ->toBe(1.0)
        ->and(fn () => TargetRange::usual()->upToMakers(1.51))
        ->toThrow(ImpossibleBand::class)
        ->and(fn () => TargetRange::usual()->upToMakers(0.4))
        ->toThrow(ImpossibleBand::class);
    $governing = (new Goal(
        $makers,
        Yoke\Judgement\Method\Criterion::FrontRestoration,
        new Yoke\Judgement\Method\Tolerances(),
    ))->governing();
    expect(
        $governing
            ->chances(
                new StanceQuantities(
                    Normal::of(1.1, 0.01),
                    Normal::of(1.1, 0.01),
                    Normal::of(40, 1),
                    0.0,
                    $makers->ceiling(),
                ),
            )
            ->verdict(),
    )->toBe(Verdict::InRange);
});

it('refuses a range that cannot be', function (float $from, float $to): void {
    expect(fn () => TargetRange::of($from, $to))->toThrow(ImpossibleBand::class);
})->with([
    'upside down' => [0.8, 0.5],
    'of nothing' => [0.5, 0.5],
    'below nothing' => [-0.1, 0.5],
    'past full return' => [0.5, 1.01],
    'no number' => [NAN, 0.5],
]);

it('gives a verdict from three quarters of the chance on', function (
    float $little,
    float $much,
    Verdict $verdict,
): void {
    expect(Chances::ofOutside($little, $much)->verdict())->toBe($verdict);
})->with([
    [0.75, 0.0, Verdict::TooLittle],
    [0.749, 0.0, Verdict::NotSure],
    [0.125, 0.125, Verdict::InRange],
    [0.13, 0.13, Verdict::NotSure],
    [0.0, 0.75, Verdict::TooMuch],
    [0.0, 0.749, Verdict::NotSure],
]);

it('keeps chances a sum of one, and percents a sum of a hundred', function (float $little, float $much): void {
    $chances = Chances::ofOutside($little, $much);

    expect($chances->tooLittle + $chances->inRange + $chances->tooMuch)
        ->toEqualWithDelta(1.0, 1e-12)
        ->and(min($chances->tooLittle, $chances->inRange, $chances->tooMuch))
        ->toBeGreaterThanOrEqual(0.0)
        ->and(array_sum($chances->percents()))
        ->toBe(100)
        ->and(array_keys($chances->percents()))
        ->toBe(['too_little', 'in_range', 'too_much']);
})->with([[0.333, 0.333], [0.005, 0.005], [1.2, 0.3], [-0.2, 0.5], [0.6, 0.6], [0.0, 0.0], [0.995, 0.0049]]);

it('calls a trailer level, nose-up and far nose-down by the shop\'s tolerances', function (
    float $degrees,
    bool $level,
    bool $up,
    bool $down,
): void {
    $pitch = Angle::ofDegrees($degrees);
    $tolerances = new Tolerances();

    expect([$tolerances->standsLevel($pitch), $tolerances->isNoseUp($pitch), $tolerances->isFarNoseDown($pitch)])->toBe(
        [$level, $up, $down],
    );
})->with([
    [0.0, true, false, false],
    [0.19, true, false, false],
    [0.21, false, true, false],
    [-0.99, true, false, false],
    [-1.01, false, false, true],
]);

it('takes the share that levelling loses from the likeliest rig at its tension', function (): void {
    $rig = Priors::rig()->likelyRig();
    $loss = LevellingLoss::ofTheRear();

    expect($loss->lost($rig, $rig->tensionFor(0.8)))
        ->toBeGreaterThan(0.05)
        ->toBeLessThan(0.6)
        ->and($loss->on($rig)->vehicle()->rearRate)
        ->toBe(INF)
        ->and($loss->on($rig)->vehicle()->frontRate)
        ->toBe($rig->vehicle()->frontRate);
});

it('calls a trailer nose-down from half a degree on, by the usual tolerances', function (): void {
    expect((new Tolerances())->noseDownDegrees)->toBe(0.5)->and((new Tolerances())->bentMm)->toBe(5.0);
});
