<?php

declare(strict_types=1);

use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Planning\RigPlan;
use Yoke\Measuring\Bars\Exception\ImpossibleHeights;
use Yoke\Measuring\Bars\FourHeights;
use Yoke\Measuring\Bars\HeightsCaution;
use Yoke\Measuring\Bars\TapedBars;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;

/** Ball, bar, seat, rest, free chain and lifted bar, mm. */
function fourHeights(
    float $ball,
    float $bar,
    float $seat,
    float $rest,
    ?float $chain = null,
    ?float $lifted = null,
): FourHeights {
    $length = fn (?float $mm): ?Length => $mm === null ? null : Length::ofMillimetres($mm);

    return FourHeights::of(
        $length($ball),
        $length($bar),
        $length($seat),
        $length($rest),
        $length($chain),
        $length($lifted),
    );
}

it('reckons tension and ball as the derivation has them, for any ball, bar, seat and rest', function (): void {
    foreach (
        [[520.0, 330.0, 500.0, 360.0], [480.0, 350.0, 505.0, 330.0], [610.0, 300.0, 590.0, 410.0]] as [$ball, $bar, $seat, $rest]
    ) {
        $heights = fourHeights($ball, $bar, $seat, $rest);

        expect($heights->tension(6.0)->mean())
            ->toEqualWithDelta($rest - $seat - ($bar - $ball), 1e-9)
            ->and($heights->tension(6.0)->deviation())
            ->toBe(6.0)
            ->and($heights->ballOverCoupler()->millimetres())
            ->toEqualWithDelta($ball - $seat, 1e-9);
    }
});

it('takes off what a chain leaves free', function (): void {
    expect(fourHeights(520.0, 330.0, 500.0, 480.0, 120.0)->tension(6.0)->mean())->toEqualWithDelta(
        fourHeights(520.0, 330.0, 500.0, 360.0)->tension(6.0)->mean(),
        1e-9,
    );
});

it('takes the middle of a bar\'s play, and half of it for doubt', function (): void {
    $still = fourHeights(520.0, 330.0, 500.0, 360.0)->tension(6.0);
    $played = fourHeights(520.0, 330.0, 500.0, 360.0, null, 346.0)->tension(6.0);

    expect($played->mean())
        ->toEqualWithDelta($still->mean() - 8.0, 1e-9)
        ->and($played->deviation())
        ->toEqualWithDelta(10.0, 1e-9);
});

it('tells what the model bends the bars by, however vehicle and trailer stand', function (): void {
    // The frame at the hook-up point stands rest - seat - b·φ over the ball, the free bar bar - ball - b·θ.
    $heights = fourHeights(520.0, 330.0, 500.0, 352.0);
    $rig = new CoupledRig(
        new TowVehicle(3720.0, 1340.0, 12.4, 9.1),
        new TowedTrailer(5150.0, 3180.0, 402.0, 520.0, [['offset' => 0.0, 'rate' => 52.0]]),
        new Bars(2, 5.9, 720.0, $heights->ballOverCoupler()->millimetres()),
    );
    $carried = $rig->taut($heights->tension(0.0)->mean());
    $frame = 352.0 - 500.0 - 720.0 * $carried->trailerPitch;
    $bar = 330.0 - 520.0 - 720.0 * $carried->vehiclePitchAngle()->radians();

    expect($carried->barBend()->millimetres())->toEqualWithDelta($frame - $bar, 1e-6);
});

it('refuses heights that cannot be, and names the field', function (Closure $heights, string $field): void {
    try {
        $heights();
        $found = null;
    } catch (ImpossibleHeights $impossible) {
        $found = $impossible->field();
        expect($impossible->expected()->key)->toBe(
            match ($field) {
                'chain', 'lifted' => "bars.{$field}",
                default => 'bars.height',
            },
        );
    }
    expect($found)->toBe($field);
})->with([
    'a ball below the ground' => [fn () => fourHeights(-1.0, 330.0, 500.0, 360.0), 'ball'],
    'a bar on the ground' => [fn () => fourHeights(520.0, 0.0, 500.0, 360.0), 'bar'],
    'a seat as high as a roof' => [fn () => fourHeights(520.0, 330.0, 1501.0, 360.0), 'seat'],
    'a rest as high' => [fn () => fourHeights(520.0, 330.0, 500.0, 1500.1), 'rest'],
    'a chain down to the ground' => [fn () => fourHeights(520.0, 330.0, 500.0, 360.0, 360.0), 'chain'],
    'a chain shorter than nothing' => [fn () => fourHeights(520.0, 330.0, 500.0, 360.0, -1.0), 'chain'],
    'a lifted bar below the hanging one' => [fn () => fourHeights(520.0, 330.0, 500.0, 360.0, null, 329.0), 'lifted'],
]);

it('cautions about heights that do not fit together, and about no usual ones', function (
    FourHeights $heights,
    array $cautions,
): void {
    expect($heights->cautions())->toBe($cautions);
})->with([
    'usual' => [fn (): FourHeights => fourHeights(520.0, 330.0, 500.0, 360.0), []],
    'as far apart as is believed' => [fn (): FourHeights => fourHeights(650.0, 430.0, 500.0, 310.0), []],
    'a ball far over the seat' => [
        fn (): FourHeights => fourHeights(651.0, 430.0, 500.0, 310.0),
        [HeightsCaution::BallFarFromSeat],
    ],
    'a ball far under it' => [
        fn (): FourHeights => fourHeights(340.0, 230.0, 500.0, 410.0),
        [HeightsCaution::BallFarFromSeat],
    ],
    'a bar over the ball' => [
        fn (): FourHeights => fourHeights(520.0, 521.0, 500.0, 520.0),
        [HeightsCaution::BarOverBall],
    ],
    'slack by far' => [fn (): FourHeights => fourHeights(520.0, 420.0, 500.0, 240.0), [HeightsCaution::FarTooSlack]],
    'tight by far' => [fn (): FourHeights => fourHeights(520.0, 230.0, 500.0, 420.0), [HeightsCaution::FarTooTight]],
]);

it('starts the fit from the taped tension of the setting that was taped, and from the taped ball', function (
    string $family,
): void {
    $described = Described::of([], ['tongue_weight_kg' => 402], ['family' => $family, 'bar_rating_high_kg' => 550]);
    $adjusters = $described->sheets->adjusters();
    $first = $adjusters->all()[0];
    $loosest = $adjusters->middle()->with($first->key, $first->range->from);
    $prior = $described->taped(new TapedBars(fourHeights(520.0, 330.0, 500.0, 360.0, null, 338.0), $loosest))->prior();
    $tension = $prior->valueAt(RigParameter::Tension->value, 0.0);

    expect($tension)
        ->toEqualWithDelta(
            46.0 +
                $adjusters->tensionBetween(
                    $loosest,
                    $adjusters->middle(),
                    Described::rig()->hitch->barArm->millimetres(),
                ),
            1e-9,
        )
        ->and($prior->worth(RigParameter::Tension->value, $tension))
        ->toEqualWithDelta(hypot(6.0, 4.0), 1e-9)
        ->and($prior->likelyRig()->bars()->ballOverCoupler)
        ->toBe(20.0);
})->with(['chain-snap-up', 'chain-rotating-latch', 'friction-bracket', 'pad-under-cover']);

it('is worth more than half of the first hook-up\'s chance', function (): void {
    $described = Described::of(
        ['vehicle_class' => 'half-ton pick-up'],
        ['tongue_weight_kg' => 402, 'tongue_weight_by' => 'gauge', 'coupler_height_mm' => 500],
        ['family' => 'chain-snap-up', 'bar_rating_low_kg' => 360, 'bar_rating_high_kg' => 550, 'ball_height_mm' => 520],
    );
    $middle = $described->sheets->adjusters()->middle();
    $needed = $described->prior()->likelyRig()->tensionFor(0.75);
    $chance = fn ($rig): float => (new RigPlan($rig, usualGoal(), new Yoke\Judgement\Advice\StoppingRules()))->firstMove()
        ->forecast->chance;
    $taped = $described->taped(new TapedBars(fourHeights(520.0, 330.0, 500.0, 310.0 + $needed), $middle));

    expect($chance($taped))
        ->toBeGreaterThan(0.75)
        ->and($chance($taped))
        ->toBeGreaterThan(1.5 * $chance($described));
});

it('is taped at the loosest the bars can be set, the head as it is', function (): void {
    $adjusters = Described::of([], [], ['family' => 'chain-snap-up'])->sheets->adjusters();
    $stays = $adjusters->middle()->with('washer', 1.0);

    expect($adjusters->loosest($stays)->steps())->toBe([
        'link' => 0.0,
        'washer' => 1.0,
        'head' => $stays->step('head'),
    ]);
});
