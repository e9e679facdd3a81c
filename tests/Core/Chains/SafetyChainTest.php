<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Length;
use Yoke\Workshop\Chains\SafetyChain;

/** Loops 200 mm ahead of the ball and 90 aside, anchors 350 behind and 120 aside, 400 mm over the road. */
function safetyChain(float $chain, float $ahead = 200.0, float $height = 400.0): SafetyChain
{
    return new SafetyChain(
        ...array_map(Length::ofMillimetres(...), [$ahead, 90.0, 350.0, 120.0, $height, $chain]),
    );
}

/** The chain hung point by point, as a parabola of the same length between loop and anchor: how low it comes. */
function hungOut(float $span, float $length): float
{
    [$low, $high] = [0.0, 2.0 * $span];
    for ($i = 0; $i < 60; $i++) {
        $sag = ($low + $high) / 2;
        $of = 0.0;
        for ($j = 0; $j < 400; $j++) {
            $y = static fn (float $u): float => 4.0 * $sag * $u * (1.0 - $u);
            $of += hypot($span / 400, $y(($j + 1) / 400) - $y($j / 400));
        }
        [$low, $high] = $of < $length ? [$sag, $high] : [$low, $sag];
    }

    return $sag;
}

it('needs a chain as long as the farthest that loop and anchor come apart in a turn', function (): void {
    // By hand: the vehicle turned about the ball, the corner of the loop against the anchor across.
    $most = 0.0;
    for ($degrees = -75; $degrees <= 75; $degrees++) {
        $t = deg2rad($degrees);
        $most = max($most, hypot(200 * cos($t) - 90 * sin($t) + 350, 200 * sin($t) + 90 * cos($t) + 120));
    }

    expect(safetyChain(700.0)->shortest()->millimetres())->toEqualWithDelta($most + 25.0, 1.0);
});

it('hangs as low as a chain of that length does', function (float $chain): void {
    $span = hypot(550, 210);

    expect(safetyChain($chain)->clearance()->millimetres())->toEqualWithDelta(400.0 - hungOut($span, $chain), 12.0);
})->with([600.0, 630.0, 680.0]);

it('says by how much it is too short or too long, and that neither is where it fits', function (): void {
    $fits = safetyChain(700.0);
    $short = safetyChain($fits->shortest()->millimetres() - 40.0);
    $long = safetyChain($fits->longest()->millimetres() + 30.0);

    expect([$fits->missing()->millimetres(), $fits->excess()->millimetres()])
        ->toBe([0.0, 0.0])
        ->and($short->missing()->millimetres())
        ->toEqualWithDelta(40.0, 1e-9)
        ->and($short->excess()->millimetres())
        ->toBe(0.0)
        ->and($long->excess()->millimetres())
        ->toEqualWithDelta(30.0, 1e-9)
        ->and(safetyChain($fits->longest()->millimetres())->clearance()->millimetres())
        ->toEqualWithDelta(100.0, 1e-6);
});

it('needs more chain for a longer head, and says where no length does both', function (): void {
    expect(safetyChain(700.0, 320.0)->shortest()->millimetres())
        ->toBeGreaterThan(safetyChain(700.0)->shortest()->millimetres() + 100.0)
        ->and(safetyChain(700.0)->isImpossible())
        ->toBeFalse()
        ->and(safetyChain(700.0, 200.0, 160.0)->isImpossible())
        ->toBeTrue();
});
