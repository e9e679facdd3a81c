<?php

declare(strict_types=1);

use Tests\Core\Method\Heights;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Showing\Drawing\Canvas;
use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Elevation;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\FrontRule;
use Yoke\Showing\Drawing\Point;

function rigToDraw(
    VehicleBody $vehicle = VehicleBody::PickUp,
    TrailerBody $trailer = TrailerBody::Box,
    int $axles = 2,
): Rig {
    return Rig::of(
        Vehicle::of(
            $vehicle,
            Length::ofMillimetres(3700),
            Length::ofMillimetres(1300),
            Suspension::Coil,
            Suspension::Leaf,
        ),
        Trailer::of($trailer, $axles, Length::ofMillimetres(5100), Load::ofKilograms(3100)),
        Hitch::of(Length::ofMillimetres(720)),
    );
}

function threeStances(): StanceHeights
{
    return Heights::of(['alone' => [950, 985], 'dropped' => [962, 925], 'carried' => [953, 945]]);
}

it('puts each wheel arch at its taped height, times the magnification for what changed', function (
    float $magnification,
): void {
    $stances = (new Elevation(rigToDraw(), threeStances(), $magnification))->stances();
    $tops = array_map(fn ($drawn): array => [$drawn->arches['front']->y, $drawn->arches['rear']->y], $stances);

    expect($tops)->toEqualWithDelta(
        [
            [950, 985],
            [950 + 12 * $magnification, 985 - 60 * $magnification],
            [950 + 3 * $magnification, 985 - 40 * $magnification],
        ],
        1e-9,
    );
})->with(['to scale' => 1.0, 'five times' => 5.0]);

it('is to scale along the ground', function (): void {
    $drawing = new Elevation(rigToDraw(), threeStances(), 5.0);
    $wheels = array_map(fn ($wheel): float => $wheel->x, $drawing->wheels());

    expect($wheels)
        ->toEqualWithDelta([0, 3700, 3700 + 1300 + 5100 - 430, 3700 + 1300 + 5100 + 430], 1e-9)
        ->and($drawing->axleX(Axle::Rear))
        ->toBe(3700.0);
});

it('lets the trailer follow the ball and turn about its axles', function (): void {
    [$alone, $dropped] = (new Elevation(rigToDraw(), threeStances(), 1.0))->stances();
    $ballSank = -60 + ((-60 - 12) / 3700) * 1300;
    $moved = fn (int $i): float => $dropped->trailer[0]->points[$i]->y - $alone->trailer[0]->points[$i]->y;
    $behindBall = fn (int $i): float => $alone->trailer[0]->points[$i]->x - 5000;

    foreach ([0, 5, 20] as $i) {
        expect($moved($i))->toEqualWithDelta($ballSank * (1 - $behindBall($i) / 5100), 1e-9);
    }
});

it('draws alone before anything is taped, and a stance only when both ends are', function (): void {
    $drawn = fn (StanceHeights $heights): array => array_map(
        fn ($drawn): string => $drawn->stance->value,
        (new Elevation(rigToDraw(), $heights, 1.0))->stances(),
    );

    expect($drawn(StanceHeights::none()))
        ->toBe(['alone'])
        ->and($drawn(Heights::of(['alone' => [950, 985], 'dropped' => [962]])))
        ->toBe(['alone'])
        ->and($drawn(Heights::of(['dropped' => [962, 925]])))
        ->toBe(['alone'])
        ->and($drawn(threeStances()))
        ->toBe(['alone', 'dropped', 'carried']);
});

it('hangs bars only on the carried rig', function (): void {
    foreach ((new Elevation(rigToDraw(), threeStances(), 1.0))->stances() as $drawn) {
        $parts = array_map(fn (Figure $figure): DrawnPart => $figure->part, $drawn->hitch);
        expect(in_array(DrawnPart::Bar, $parts, true))->toBe($drawn->stance === Stance::Carried);
    }
});

it('keeps every figure filled in, whatever the rig', function (
    VehicleBody $vehicle,
    TrailerBody $trailer,
    int $axles,
): void {
    $drawing = new Elevation(rigToDraw($vehicle, $trailer, $axles), threeStances(), 5.0);
    $sheet = Canvas::around($drawing, 5.7);
    $points = [];
    foreach ($drawing->stances() as $drawn) {
        foreach ([...$drawn->vehicle, ...$drawn->trailer] as $figure) {
            array_push($points, ...$figure->points);
        }
    }
    $across = array_map(fn (Point $point): float => $sheet->across($point->x), $points);
    $up = array_map(fn (Point $point): float => $point->y, $points);

    expect(min($across))
        ->toBeGreaterThan(0)
        ->and(max($across))
        ->toBeLessThan(100)
        ->and(max($up))
        ->toBeLessThan($sheet->top)
        ->and($sheet->width / $sheet->height)
        ->toEqualWithDelta(5.7, 1e-9)
        ->and($sheet->room())
        ->toBeGreaterThanOrEqual(1.0);
})
    ->with(VehicleBody::cases())
    ->with(TrailerBody::cases())
    ->with([1, 3]);

it('cuts the wheel arches at any fender height, above the wheel and below the roof', function (
    VehicleBody $body,
    float $height,
): void {
    $heights = Heights::of(['alone' => [$height, $height + 30]]);
    $alone = (new Elevation(rigToDraw($body), $heights, 1.0))->latest();
    $near = fn (float $x): array => array_filter(
        $alone->vehicle[0]->points,
        fn (Point $point): bool => abs($point->x - $x) < 1.0,
    );
    $top = fn (float $x): float => max(array_map(fn (Point $point): float => $point->y, $near($x)));

    expect($alone->stance)
        ->toBe(Stance::Alone)
        ->and($top(0.0))
        ->toEqualWithDelta($height, 1e-9)
        ->and($top(3700.0))
        ->toEqualWithDelta($height + 30, 1e-9)
        ->and((new Elevation(rigToDraw($body), $heights, 1.0))->vehicleTopY())
        ->toBeGreaterThan($height + 100);
})
    ->with(VehicleBody::cases())
    ->with([700.0, 900.0, 1150.0]);

it('rounds corners without leaving the polygon', function (): void {
    $square = Figure::rounded(DrawnPart::Body, [[0, 0, 20], [100, 0, 500], [100, 100, 0], [0, 100, 20]]);
    $xs = array_map(fn (Point $point): float => $point->x, $square->points);

    expect(min($xs))->toBeGreaterThanOrEqual(0.0)->and(max($xs))->toBe(100.0)->and($square->closed)->toBeTrue();
});

it('lays the front fender along a rule', function (): void {
    $rule = FrontRule::of(threeStances(), TargetRange::usual());
    $carried = $rule->carried();

    expect($rule->dropped())
        ->toBeLessThan($rule->halfway())
        ->and($rule->halfway())
        ->toBe(($rule->dropped() + $rule->fullReturn()) / 2)
        ->and($rule->band())
        ->toBe(['from' => $rule->halfway(), 'to' => $rule->fullReturn()])
        ->and($carried['at'])
        ->toBe($rule->dropped() + 0.75 * ($rule->fullReturn() - $rule->dropped()))
        ->and($carried['from'])
        ->toBeLessThan($carried['at'])
        ->and($carried['to'])
        ->toBeGreaterThan($carried['at'])
        ->and(FrontRule::of(Heights::of(['alone' => [950]]), TargetRange::usual()))
        ->toBeNull()
        ->and(
            FrontRule::of(
                Heights::of(['alone' => [950], 'dropped' => [951], 'carried' => [800]]),
                TargetRange::usual(),
            )->carried()['at'],
        )
        ->toBe(99.0);
});
