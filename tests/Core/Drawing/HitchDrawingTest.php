<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Method\Heights;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Showing\Drawing\Canvas;
use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Elevation;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\HitchSet;
use Yoke\Showing\Drawing\LoadArrows;
use Yoke\Showing\Drawing\LoadKnown;
use Yoke\Showing\Drawing\LoadMark;
use Yoke\Showing\Drawing\PartSketch;
use Yoke\Showing\Drawing\Point;
use Yoke\Showing\Drawing\Tensioner;

function drawnWith(HitchSet $set, float $magnification = 1.0): Elevation
{
    $rig = Rig::of(
        Vehicle::of(
            VehicleBody::PickUp,
            Length::ofMillimetres(3700),
            Length::ofMillimetres(1300),
            Suspension::Coil,
            Suspension::Leaf,
        ),
        Trailer::of(TrailerBody::Box, 2, Length::ofMillimetres(5100), Load::ofKilograms(3100)),
        Hitch::of(Length::ofMillimetres(720)),
    );

    return new Elevation(
        $rig,
        Heights::of(['alone' => [950, 985], 'dropped' => [962, 925], 'carried' => [950, 985]]),
        $magnification,
        $set,
    );
}

/** @return list<Point> of the first figure that stands for a part, on the carried rig */
function pointsOf(DrawnPart $part, Elevation $drawing): array
{
    $carried = $drawing->stances()[2];

    return array_values(array_filter($carried->hitch, fn (Figure $figure): bool => $figure->part === $part))[0]->points;
}

it('bends the drawn bars as far as they are bent, and more where heights are magnified', function (): void {
    $sag = function (float $bend, float $magnification): float {
        $bar = pointsOf(DrawnPart::Bar, drawnWith(new HitchSet(bend: $bend), $magnification));

        return $bar[0]->y - min(array_map(fn (Point $point): float => $point->y, $bar));
    };

    expect($sag(0.0, 1.0))
        ->toEqualWithDelta(0.0, 1e-9)
        ->and($sag(60.0, 1.0))
        ->toBeGreaterThan(9.0)
        ->toBeLessThan(15.0)
        ->and($sag(60.0, 5.0))
        ->toEqualWithDelta(5 * $sag(60.0, 1.0), 1e-6);
});

it('hangs the tips as low, and the chains as far back, as they are', function (): void {
    $bar = pointsOf(DrawnPart::Bar, drawnWith(new HitchSet(tipDrop: 40.0)));
    $chain = fn (HitchSet $set): array => pointsOf(DrawnPart::Chain, drawnWith($set));

    expect($bar[0]->y - $bar[count($bar) - 1]->y)
        ->toEqualWithDelta(40.0, 1e-6)
        ->and($chain(new HitchSet())[0]->x)
        ->toEqualWithDelta($chain(new HitchSet())[1]->x, 1e-6)
        ->and($chain(new HitchSet(bracket: 760.0))[1]->x - $chain(new HitchSet())[1]->x)
        ->toEqualWithDelta(40.0, 1e-6);
});

it('draws chains where a hitch has no bars', function (): void {
    $parts = array_map(
        fn (Figure $figure): DrawnPart => $figure->part,
        drawnWith(new HitchSet(tensioner: Tensioner::Chains))->stances()[2]->hitch,
    );

    expect($parts)->toContain(DrawnPart::Chain)->not->toContain(DrawnPart::Bar);
});

it('draws the shank with its holes, down in drop and up in rise', function (string $turned, int $hole): void {
    $drawing = drawnWith(
        new HitchSet(receiver: $turned === 'drop' ? 60.0 : -60.0, turned: $turned, hole: $hole, holes: 5),
    );
    $holes = array_values(
        array_filter($drawing->stances()[0]->hitch, fn (Figure $figure): bool => $figure->part === DrawnPart::Hole),
    );
    $middle = fn (Figure $figure): float => array_sum(array_map(fn (Point $point): float => $point->y, $figure->points)) /
        count($figure->points);
    $heights = array_slice(array_map($middle, $holes), 1);

    expect($heights)
        ->toHaveCount(5)
        ->and($heights[$hole - 1])
        ->toEqualWithDelta($middle($holes[0]), 1e-6)
        ->and($heights[1] - $heights[0])
        ->toEqualWithDelta($turned === 'drop' ? -32.0 : 32.0, 1e-6);
})->with([['drop', 1], ['drop', 4], ['rise', 2]]);

it('puts an arrow under each axle, in all where it was weighed, else its change', function (): void {
    $drawing = drawnWith(new HitchSet());
    $dropped = Priors::rig()->likelyRig()->dropped();
    $kilograms = Load::ofKilograms(...);
    $weighed = LoadArrows::under($drawing, $dropped, $kilograms(1420), $kilograms(1180), $kilograms(2778));
    $changes = LoadArrows::under($drawing, $dropped, null, null, $kilograms(2778));

    expect(array_map(fn ($arrow): float => $arrow->x, $weighed))
        ->toBe([0.0, 3700.0, 10100.0])
        ->and($weighed[0]->load->kilograms())
        ->toEqualWithDelta(1420 + $dropped->frontLoad()->kilograms(), 1e-9)
        ->and($changes[0]->load->isNegative())
        ->toBeTrue()
        ->and($changes[0]->known)
        ->toBe(LoadKnown::ChangeOnly)
        ->and($weighed[0]->known)
        ->toBe(LoadKnown::InAll)
        ->and(max(array_map(fn ($arrow): float => $arrow->share, $weighed)))
        ->toBe(1.0)
        ->and(LoadArrows::under($drawing, null, null, null, $kilograms(2778))[1]->load->kilograms())
        ->toBe(0.0);
});

it('leaves room for the arrows under the ground', function (): void {
    $drawing = drawnWith(new HitchSet());
    [$plain, $loaded] = [Canvas::around($drawing, 5.9), Canvas::withLoads($drawing, 5.9)];

    expect($loaded->height - $loaded->top)
        ->toBeGreaterThan($plain->height - $plain->top + 200)
        ->and($loaded->width / $loaded->height)
        ->toEqualWithDelta(5.9, 1e-9);
});

it('sketches each part by itself, within its bounds', function (PartSketch $sketch, int $wheels): void {
    ['left' => $left, 'right' => $right, 'bottom' => $bottom, 'top' => $top] = $sketch->bounds();
    foreach ($sketch->figures as $figure) {
        foreach ($figure->points as $point) {
            expect($point->x >= $left && $point->x <= $right && $point->y >= $bottom && $point->y <= $top)->toBeTrue();
        }
    }

    expect($sketch->wheels)
        ->toHaveCount($wheels)
        ->and($right - $left)
        ->toBeGreaterThan(800.0)
        ->and($top - $bottom)
        ->toBeGreaterThan(100.0);
})->with([
    'vehicle' => [
        fn (): PartSketch => PartSketch::ofVehicle(
            Vehicle::of(
                VehicleBody::Suv,
                Length::ofMillimetres(2900),
                Length::ofMillimetres(1200),
                Suspension::Coil,
                Suspension::Coil,
            ),
        ),
        2,
    ],
    'trailer' => [
        fn (): PartSketch => PartSketch::ofTrailer(
            Trailer::of(TrailerBody::Tall, 3, Length::ofMillimetres(5100), Load::ofKilograms(3100)),
        ),
        3,
    ],
    'hitch' => [fn (): PartSketch => PartSketch::ofHitch(Hitch::of(Length::ofMillimetres(640)), new HitchSet()), 0],
]);

it('marks loads so that none hides another, in their own order', function (): void {
    $marks = LoadMark::rows([1300.0, 1350.0, 4000.0, 1600.0, 1310.0]);

    expect(array_column($marks, 'x'))->toBe([1300.0, 1350.0, 4000.0, 1600.0, 1310.0]);
    foreach ($marks as $i => $mark) {
        foreach (array_slice($marks, $i + 1) as $other) {
            expect(max(abs($mark->x - $other->x), abs($mark->y - $other->y)))->toBeGreaterThanOrEqual(LoadMark::APART);
        }
    }
});
