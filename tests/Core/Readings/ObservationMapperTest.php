<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Measuring\Readings\Height\TapedHeight;
use Yoke\Measuring\Readings\ObservationMapper;
use Yoke\Measuring\Readings\Weighing\PlatformLoad;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

function mapper(?float $couplerLevel = 480.0, ?float $hang = 210.0): ObservationMapper
{
    return new ObservationMapper(new PriorDoubts(), 5150.0, $couplerLevel, $hang, 190.0);
}

function ticketOf(float $step, PlatformLoad ...$platforms): Ticket
{
    return Ticket::of(Stance::Dropped, $platforms, null, Load::ofKilograms($step), null, LoadUnit::Pound);
}

it('keeps with each reading what it is, at which hook-up and in which unit', function (): void {
    $carried = ReadingContext::carried(12.0);
    $height = fn (float $millimetres): HeightReading => HeightReading::of(
        Length::ofMillimetres($millimetres),
        Length::ofMillimetres(0.9),
        Length::ofMillimetres(1.1),
        Length::ofMillimetres(1.1),
    );
    [$front, $rear, $alone] = mapper()->heights([
        new TapedHeight(
            $carried,
            Axle::Front,
            $height(953.0),
            ReadingIdentity::height('carried.front.3', 3, LengthUnit::Inch, 'third'),
            SetBy::Jack,
        ),
        new TapedHeight(
            $carried,
            Axle::Rear,
            $height(948.0),
            ReadingIdentity::height('carried.rear.3', 3),
            SetBy::Jack,
        ),
        new TapedHeight(ReadingContext::alone(), Axle::Rear, $height(985.0), ReadingIdentity::none()),
    ]);
    [$levered] = mapper()->heights([
        new TapedHeight($carried, Axle::Rear, $height(948.0), ReadingIdentity::none(), SetBy::Lever),
    ]);
    $axle = mapper()->axleLoad($carried, Observed::FrontLoad, 1420.0, 'carried.front_axle.3', 3, LoadUnit::Pound);

    expect([$front->observed, $front->value, $front->context, $front->identity->standing])
        ->toBe([Observed::FrontHeight, 953.0, $carried, 'third'])
        ->and(hypot($front->deviation, $front->shared))
        ->toEqualWithDelta(hypot(0.9, 1.1), 1e-9)
        ->and($front->shared)
        ->toEqualWithDelta((new PriorDoubts())->frictionKept * 1.1, 1e-9)
        ->and([$front->leans, $rear->leans, $levered->leans, $alone->leans])
        ->toEqualWithDelta([-1.1, 1.1, -1.1, 0.0], 1e-9)
        ->and([$front->identity->key, $front->identity->hookUp, $front->identity->unit, $front->identity->ticket])
        ->toBe(['carried.front.3', 3, LengthUnit::Inch, ''])
        ->and([$rear->observed, $rear->identity->unit])
        ->toBe([Observed::RearHeight, LengthUnit::Millimetre])
        ->and([$axle->observed, $axle->value, $axle->deviation])
        ->toBe([Observed::FrontLoad, 1420.0, (new PriorDoubts())->weighbridgeKg])
        ->and([$axle->identity->ticket, $axle->identity->unit])
        ->toBe(['carried 3', LoadUnit::Pound]);
});

it('observes each platform of a ticket by the axles that stood on it', function (): void {
    $load = Load::ofKilograms(...);
    $single = mapper()->ticket(
        ReadingContext::dropped(),
        ticketOf(
            10.0,
            ...array_map(
                fn (WeighedAxle $axle, float $kilograms): PlatformLoad => new PlatformLoad([$axle], $load($kilograms)),
                WeighedAxle::cases(),
                [1320.0, 1720.0, 2700.0],
            ),
        ),
        'ticket 7',
        2,
    );
    $shared = mapper()->ticket(
        ReadingContext::dropped(),
        ticketOf(
            10.0,
            new PlatformLoad([WeighedAxle::Front, WeighedAxle::Rear], $load(3040.0)),
            new PlatformLoad([WeighedAxle::Trailer], $load(2700.0)),
        ),
        'ticket 8',
    );

    expect(array_map(fn ($one): array => [$one->observed, $one->value], $single))
        ->toBe([[Observed::FrontLoad, 1320.0], [Observed::RearLoad, 1720.0], [Observed::TrailerLoad, 2700.0]])
        ->and(array_map(fn ($one): array => [$one->observed, $one->value], $shared))
        ->toBe([[Observed::VehicleLoad, 3040.0], [Observed::TrailerLoad, 2700.0]])
        ->and(array_unique(array_map(fn ($one): string => $one->identity->ticket, $single)))
        ->toBe(['ticket 7'])
        ->and(array_unique(array_map(fn ($one): string => $one->identity->key, $single)))
        ->toHaveCount(3)
        ->and([$single[0]->identity->hookUp, $single[0]->identity->unit])
        ->toBe([2, LoadUnit::Pound]);
});

it('trusts a ticket no further than the step of its display', function (): void {
    $platforms = [
        new PlatformLoad([WeighedAxle::Front, WeighedAxle::Rear], Load::ofKilograms(3040.0)),
        new PlatformLoad([WeighedAxle::Trailer], Load::ofKilograms(2700.0)),
    ];
    $doubt = fn (float $step): float => mapper()->ticket(
        ReadingContext::dropped(),
        ticketOf($step, ...$platforms),
        'ticket',
    )[0]->deviation;

    expect($doubt(10.0))
        ->toEqualWithDelta((new PriorDoubts())->weighbridgeKg, 1e-9)
        ->and($doubt(50.0))
        ->toEqualWithDelta(hypot(sqrt(6.0 ** 2 - 100.0 / 12.0), 50.0 / sqrt(12.0)), 1e-9)
        ->and($doubt(2.0))
        ->toBeLessThan($doubt(10.0))
        ->toBeGreaterThan(5.0);
});

it(
    'observes the coupler from its level height, the trailer\'s angle by its length, and the gauge by its share',
    function (): void {
        $doubts = new PriorDoubts();
        $coupler = mapper()->coupler(ReadingContext::dropped(), 471.0, 'dropped.coupler.1');
        $angle = mapper()->trailerAngle(ReadingContext::dropped(), -0.5, 'dropped.angle.1');
        $gauge = fn (float $kilograms): float => mapper()->ballLoad(
            ReadingContext::dropped(),
            $kilograms,
            'dropped.gauge.1',
        )->deviation;

        expect([$coupler->observed, $coupler->value, $coupler->deviation])
            ->toBe([Observed::CouplerRise, -9.0, $doubts->couplerMm])
            ->and(mapper(couplerLevel: null)->coupler(ReadingContext::dropped(), 471.0, 'c')->value)
            ->toBe(471.0)
            ->and($angle->observed)
            ->toBe(Observed::NoseRise)
            ->and($angle->value)
            ->toEqualWithDelta(-44.94, 0.01)
            ->and($angle->deviation)
            ->toEqualWithDelta(deg2rad($doubts->angleDegrees) * 5150.0, 1e-9)
            ->and($gauge(400.0))
            ->toEqualWithDelta(400.0 * $doubts->ballLoadAgain, 1e-9)
            ->and($gauge(-400.0))
            ->toEqualWithDelta(400.0 * $doubts->ballLoadAgain, 1e-9)
            ->and($gauge(20.0))
            ->toBe(1.0);
    },
);

it(
    'takes a gap for the bars\' bend once what hangs free is taken off, with more doubt where nobody measured that',
    function (): void {
        $doubts = new PriorDoubts();
        $measured = mapper()->barGap(ReadingContext::dropped(), 245.0, 'dropped.gap.1');
        $assumed = mapper(hang: null)->barGap(ReadingContext::dropped(), 245.0, 'dropped.gap.1');

        expect([$measured->observed, $measured->value, $measured->deviation])
            ->toBe([Observed::BarBend, 35.0, $doubts->tensionTapedMm])
            ->and($assumed->value)
            ->toBe(55.0)
            ->and($assumed->deviation)
            ->toEqualWithDelta(hypot($doubts->tensionTapedMm, $doubts->hangAssumedMm), 1e-9);
    },
);
