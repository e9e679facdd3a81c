<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Measuring\Readings\Height\FrictionSize;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Measuring\Readings\Height\SpringSide;
use Yoke\Measuring\Readings\Height\TapedHeight;
use Yoke\Measuring\Readings\ObservationMapper;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** @param  list<float>  $millimetres  repeats of one rear fender, alone @return list<TapedHeight> */
function repeats(array $millimetres, Axle $axle = Axle::Rear): array
{
    return array_map(
        fn (float $height): TapedHeight => new TapedHeight(
            ReadingContext::alone(),
            $axle,
            HeightReading::of(
                Length::ofMillimetres($height),
                Length::ofMillimetres(0.9),
                Length::ofMillimetres(1.1),
                Length::ofMillimetres(1.1),
            ),
            ReadingIdentity::none(),
        ),
        $millimetres,
    );
}

it('takes the usual friction where nothing was taped again', function (): void {
    expect(FrictionSize::learned([], 0.7)->factor(Axle::Rear))
        ->toBe(1.0)
        ->and(FrictionSize::learned(repeats([985.0]), 0.7)->factor(Axle::Rear))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and(FrictionSize::learned(repeats([985.0, 989.0]), 0.7)->factor(Axle::Front))
        ->toBe(1.0);
});

it('learns from repeats: more where they lie apart, less where they agree, and never much at once', function (): void {
    $factor = fn (float ...$heights): float => FrictionSize::learned(repeats(array_values($heights)), 0.7)->factor(
        Axle::Rear,
    );

    expect($factor(985.0, 988.0))
        ->toBeGreaterThan(1.0)
        ->toBeLessThan(1.3)
        ->and($factor(985.0, 985.0))
        ->toBeLessThan(1.0)
        ->toBeGreaterThan(0.85)
        ->and($factor(985.0, 988.0, 984.0, 988.0))
        ->toBeGreaterThan($factor(985.0, 988.0))
        ->and($factor(985.0, 985.0, 985.0, 985.0, 985.0, 985.0))
        ->toBeLessThan($factor(985.0, 985.0));
});

it('takes no slip for friction', function (): void {
    $factor = fn (float $off): float => FrictionSize::learned(repeats([985.0, 985.0, 985.0 + $off]), 0.7)->factor(
        Axle::Rear,
    );

    expect($factor(25.4))->toEqualWithDelta($factor(12.7), 0.12)->and($factor(25.4))->toBeLessThan(1.5);
});

it('gives every reading of the axle what was learned: its own part, the shared and the side', function (): void {
    $mapper = new ObservationMapper(new PriorDoubts(), 5150.0);
    $usual = $mapper->heights(repeats([985.0]))[0];
    $rough = $mapper->heights([
        ...repeats([985.0, 989.0, 985.0, 989.0]),
        new TapedHeight(
            ReadingContext::dropped(),
            Axle::Rear,
            HeightReading::of(
                Length::ofMillimetres(925.0),
                Length::ofMillimetres(0.9),
                Length::ofMillimetres(1.1),
                Length::ofMillimetres(1.1),
            ),
            ReadingIdentity::none(),
        ),
    ]);

    expect($rough[0]->shared)
        ->toBeGreaterThan($usual->shared)
        ->and($rough[0]->deviation)
        ->toBeGreaterThan($usual->deviation)
        ->and($rough[4]->leans)
        ->toBeGreaterThan(1.1);
});

it('knows on which side springs stick', function (Stance $stance, ?SetBy $setBy, float $rear): void {
    expect(SpringSide::of($stance, Axle::Rear, $setBy))
        ->toBe($rear)
        ->and(SpringSide::of($stance, Axle::Front, $setBy))
        ->toBe(-$rear);
})->with([
    'alone, nobody knows' => [Stance::Alone, null, 0.0],
    'let down on to the ball' => [Stance::Dropped, null, 1.0],
    'jacked' => [Stance::Carried, SetBy::Jack, 1.0],
    'levered' => [Stance::Carried, SetBy::Lever, -1.0],
    'not asked: most are jacked' => [Stance::Carried, null, 0.4],
]);
