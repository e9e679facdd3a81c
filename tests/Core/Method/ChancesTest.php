<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Angle;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\Exception\ImpossibleBand;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Judgement\Method\Verdict;

it('gives a verdict from three quarters on, and none below', function (
    float $tooLittle,
    float $tooMuch,
    Verdict $verdict,
): void {
    expect(Chances::ofOutside($tooLittle, $tooMuch)->verdict())->toBe($verdict);
})->with([
    [0.75, 0.0, Verdict::TooLittle],
    [0.74, 0.0, Verdict::NotSure],
    [0.25, 0.0, Verdict::InRange],
    [0.13, 0.13, Verdict::NotSure],
    [0.25, 0.75, Verdict::TooMuch],
    [0.0, 0.74, Verdict::NotSure],
]);

it('keeps chances between nothing and one, summing to one', function (
    float $tooLittle,
    float $tooMuch,
    array $chances,
): void {
    $of = Chances::ofOutside($tooLittle, $tooMuch);

    expect([$of->tooLittle, $of->inRange, $of->tooMuch])->toEqualWithDelta($chances, 1e-12);
})->with([
    'as they are' => [0.2, 0.3, [0.2, 0.5, 0.3]],
    'below nothing' => [-0.1, -0.2, [0.0, 1.0, 0.0]],
    'past one' => [1.2, 0.3, [1.0, 0.0, 0.0]],
    'more than one together' => [0.7, 0.6, [0.7, 0.0, 0.3]],
]);

it('says whole percents that sum to a hundred, the largest taking what rounding left', function (
    float $tooLittle,
    float $tooMuch,
    array $percents,
): void {
    expect(array_values(Chances::ofOutside($tooLittle, $tooMuch)->percents()))
        ->toBe($percents)
        ->and(array_keys(Chances::ofOutside($tooLittle, $tooMuch)->percents()))
        ->toBe(['too_little', 'in_range', 'too_much']);
})->with([
    'as it is' => [0.52, 0.07, [52, 41, 7]],
    'rounds down' => [0.121, 0.322, [12, 56, 32]],
    'in range gives up the point too many' => [0.055, 0.235, [6, 70, 24]],
    'in range takes the point left' => [0.114, 0.212, [11, 68, 21]],
    'too little gives up the point too many' => [0.635, 0.255, [63, 11, 26]],
    'too little takes the point left' => [0.654, 0.013, [66, 33, 1]],
    'too much gives up the point too many' => [0.105, 0.635, [11, 26, 63]],
    'too much takes the point left' => [0.013, 0.654, [1, 33, 66]],
    'in range and too little alike' => [0.5, 0.0, [50, 50, 0]],
    'too little and too much alike' => [0.5, 0.5, [50, 0, 50]],
    'certain' => [0.0, 0.0, [0, 100, 0]],
]);

it('takes a range whose edges lie on what is allowed, and refuses one beyond', function (): void {
    expect(TargetRange::of(0.0, 1.0)->from)
        ->toBe(0.0)
        ->and(TargetRange::usual()->upToMakers(1.5)->to)
        ->toBe(1.5)
        ->and(fn () => TargetRange::of(0.2, 0.6)->upToMakers(0.2))
        ->toThrow(ImpossibleBand::class)
        ->and(fn () => TargetRange::of(-0.01, 0.6))
        ->toThrow(ImpossibleBand::class)
        ->and(TargetRange::usual()->raisedBy(0.0)->from)
        ->toBe(0.5)
        ->and(TargetRange::usual()->raisedBy(-0.2)->from)
        ->toBe(0.5);
});

it('takes a hook-up nobody wrote down as its own reference', function (): void {
    $unknown = CurrentSetting::unknown(3);

    expect([$unknown->setting, $unknown->tensionOffset, $unknown->ballOffset, $unknown->readings])->toBe([
        null,
        0.0,
        0.0,
        3,
    ]);
});

it('calls a trailer level on the very limit', function (): void {
    $tolerances = new Tolerances();
    $pitch = Angle::ofDegrees(...);

    expect($tolerances->isNoseUp($pitch($tolerances->noseUpDegrees)))
        ->toBeFalse()
        ->and($tolerances->isNoseUp($pitch($tolerances->noseUpDegrees + 0.01)))
        ->toBeTrue()
        ->and($tolerances->isFarNoseDown($pitch(-$tolerances->farNoseDownDegrees)))
        ->toBeFalse()
        ->and($tolerances->isFarNoseDown($pitch(-$tolerances->farNoseDownDegrees - 0.01)))
        ->toBeTrue();
});
