<?php

declare(strict_types=1);

use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Foundation\Units\Text\LoadParser;
use Yoke\Judgement\Head\HeadPlaces;
use Yoke\Judgement\Head\Obstacle;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Judgement\Head\TailClearance;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Judgement\Ratings\RigRatings;
use Yoke\Measuring\Readings\Weighing\TicketText;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\SpecificationSheet;

it('warns of a tailgate, an underside, a ball below the coupler', function (float $ball, array $inTheWay): void {
    $clearance = new TailClearance(Length::ofMillimetres(480), Length::ofMillimetres(600), Length::ofMillimetres(640));

    expect($clearance->inTheWay(Length::ofMillimetres($ball)))->toBe($inTheWay);
})->with([
    'clear' => [500.0, []],
    'up to the tailgate' => [511.0, [Obstacle::Tailgate]],
    'up to the bumper too' => [560.0, [Obstacle::Tailgate, Obstacle::Underside]],
    'below the coupler' => [470.0, [Obstacle::BallBelowCoupler]],
]);

it('does not warn of what nobody measured', function (): void {
    expect((new TailClearance(Length::ofMillimetres(480), null, null))->inTheWay(Length::ofMillimetres(900)))->toBe([]);
});

it('knows the place that the ball stands at, to a tape\'s width', function (): void {
    $heads = new HeadPlaces(
        new SpecificationSheet(['receiver_height_mm' => 520]),
        new SpecificationSheet(['coupler_height_mm' => 480]),
        new SpecificationSheet([
            'shank_drop_mm' => -30,
            'shank_rise_mm' => 70,
            'head_hole_mm' => 32,
            'head_holes' => 5,
        ]),
    );
    $keys = array_map(fn (ShankPlace $place): string => $place->key(), $heads->for(Length::ofMillimetres(30.0)));

    expect($heads->asBolted(Length::ofMillimetres(38.0))?->key())
        ->toBe('drop-2')
        ->and($heads->asBolted(Length::ofMillimetres(42.0))?->key())
        ->toBe('drop-2')
        ->and($heads->asBolted(Length::ofMillimetres(110.0))?->key())
        ->toBe('rise-1')
        ->and($heads->asBolted(Length::ofMillimetres(54.0)))
        ->toBeNull()
        ->and($keys)
        ->toHaveCount(10)
        ->and(array_unique($keys))
        ->toBe($keys)
        ->and($heads->holes())
        ->toBe(5)
        ->and(
            (new HeadPlaces(
                new SpecificationSheet([]),
                new SpecificationSheet([]),
                new SpecificationSheet([]),
            ))->asBolted(Length::ofMillimetres(10.0)),
        )
        ->toBeNull();
});

it('tells a ball that does not fit from one that is the same in another unit', function (
    ?float $ball,
    ?float $coupler,
    bool $misfits,
): void {
    expect(
        (new RigRatings(
            new SpecificationSheet([]),
            new SpecificationSheet(['coupler_ball_mm' => $coupler]),
            new SpecificationSheet(['ball_size_mm' => $ball]),
            Described::rig(),
        ))->ballMisfits(),
    )->toBe($misfits);
})->with([
    'the same' => [50.8, 50.8, false],
    'rounded' => [58.7, 58.74, false],
    'near, and not the same' => [50.0, 50.8, true],
    'not known' => [null, 50.8, false],
]);

it('weighs a tank on the tongue by its lever', function (): void {
    $tanks = Tank::of(
        new SpecificationSheet([
            'fresh_tank_kg' => 150,
            'fresh_tank_ahead_mm' => 1650,
            'waste_tank_kg' => 110,
            'waste_tank_ahead_mm' => -900,
        ]),
    );
    $length = Length::ofMillimetres(5150);

    expect(array_map(fn (Tank $tank): string => $tank->key, $tanks))
        ->toBe(['fresh', 'waste'])
        ->and($tanks[0]->filled(0.5)?->tank)
        ->toBe('fresh')
        ->and($tanks[0]->onTongue($length)->kilograms())
        ->toEqualWithDelta((150 * 1650) / 5150, 1e-9)
        ->and($tanks[1]->onTongue($length)->isNegative())
        ->toBeTrue()
        ->and(Tank::of(new SpecificationSheet(['fresh_tank_kg' => 150])))
        ->toBe([]);
});

it('holds a ticket\'s axles against their ratings, and a shared platform against its sum only', function (
    string $typed,
    array $outside,
): void {
    $ratings = new RigRatings(
        new SpecificationSheet([
            'front_gawr_kg' => 1500,
            'rear_gawr_kg' => 1700,
            'vehicle_gvwr_kg' => 3000,
            'gcwr_kg' => 5800,
        ]),
        new SpecificationSheet(['trailer_gawr_kg' => 2700]),
        new SpecificationSheet([]),
        Described::rig(),
    );
    $ticket = (new TicketText(new LoadParser(LoadUnit::Kilogram), Load::ofKilograms(10)))->read(
        Stance::Dropped,
        $typed,
    );
    $lines = $ratings->ofTicket($ticket);

    expect(
        array_values(
            array_map(
                fn (RatedLoad $line): string => $line->key(),
                array_filter($lines, fn (RatedLoad $line): bool => $line->isOutside()),
            ),
        ),
    )->toBe($outside);
})->with([
    'all within' => ['front 1300, rear 1650, trailer 2690', []],
    'rear and trailer over' => ['front 1200, rear 1720, trailer 2710', ['rear_axle.dropped', 'trailer_axles.dropped']],
    'the vehicle over, on one platform' => ['front+rear 3040, trailer 2690', ['vehicle.dropped']],
    'all of it too much' => ['front 1400, rear 1690, trailer 2720', ['vehicle.dropped', 'trailer_axles.dropped', 'combination']],
]);
