<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\LiftedWeighing;
use Yoke\Measuring\Readings\Weighing\PlatformLoad;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\LevellingLoss;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;
use Yoke\Rig\Parts\Stance;

/** A ticket of a rig that weighs 1500 and 1150 kg alone, in whole kilograms and hundredths. */
function liftedTicket(Stance $stance, ?Attitude $attitude): Ticket
{
    $on = static fn (WeighedAxle $axle, float $kilograms): PlatformLoad => new PlatformLoad(
        [$axle],
        Load::ofKilograms($kilograms),
    );

    return Ticket::of(
        $stance,
        [
            $on(WeighedAxle::Front, 1500.0 + ($attitude?->frontLoad()->kilograms() ?? 0.0)),
            $on(WeighedAxle::Rear, 1150.0 + ($attitude?->rearLoad()->kilograms() ?? 0.0)),
            ...$attitude === null
                ? []
                : [$on(WeighedAxle::Trailer, 2360.0 + $attitude->trailerLoad()->kilograms())],
        ],
        null,
        Load::ofKilograms(1.0),
    );
}

dataset('lifts', [
    'levelling of the rear' => [LevellingLoss::ofTheRear()],
    'levelling of all corners' => [LevellingLoss::ofAllCorners()],
    'air springs' => [LevellingLoss::ofAir(3.0, 20.0)],
]);

it('reads what is left on the road, and stands in for the weighing without', function (LevellingLoss $loss): void {
    $off = new CoupledRig(
        new TowVehicle(3700.0, 1300.0, 12.5, 9.5),
        new TowedTrailer(5200.0, 2700.0, 340.0, 500.0, [['offset' => 0.0, 'rate' => 42.0]]),
        new Bars(2, 5.6, 710.0, 20.0),
    );
    foreach ([0.6, 0.8, 1.0] as $share) {
        $tension = $off->tensionFor($share);
        $road = $loss->on($off)->carried($tension);
        $found = LiftedWeighing::of(
            liftedTicket(Stance::Alone, null),
            liftedTicket(Stance::Dropped, $off->dropped()),
            liftedTicket(Stance::Carried, $road),
            $loss,
        );
        $standIn = $found?->asOff($off);

        // A scale compares with the rig dropped as it stands without the lift, the road's share with the lift.
        expect($found?->left()->mean())
            ->toEqualWithDelta($road->frontRestored(), 0.01)
            ->and($found?->foretold($off, $tension))
            ->toEqualWithDelta($share - $road->frontRestored(), 1e-9)
            ->and($found?->factor($off, $tension))
            ->toEqualWithDelta(1.0, 0.06);
        foreach (
            [
                [WeighedAxle::Front, 1500.0 + $off->carried($tension)->frontLoad()->kilograms()],
                [WeighedAxle::Rear, 1150.0 + $off->carried($tension)->rearLoad()->kilograms()],
                [WeighedAxle::Trailer, 2360.0 + $off->carried($tension)->trailerLoad()->kilograms()],
            ] as [$axle, $kilograms]
        ) {
            expect($standIn?->axle($axle)?->kilograms())->toEqualWithDelta($kilograms, 2.0);
        }
        expect($standIn?->doubtKilograms())->toBeGreaterThan(liftedTicket(Stance::Alone, null)->doubtKilograms());
    }
})->with('lifts');

it('says by how much more or less was taken than the model has it, and takes that everywhere', function (
    LevellingLoss $loss,
): void {
    $off = new CoupledRig(
        new TowVehicle(3700.0, 1300.0, 12.5, 9.5),
        new TowedTrailer(5200.0, 2700.0, 340.0, 500.0, [['offset' => 0.0, 'rate' => 42.0]]),
        new Bars(2, 5.6, 710.0, 20.0),
    );
    $tension = $off->tensionFor(0.85);
    foreach ([0.0, 0.5, 2.0] as $factor) {
        // By hand: the front axle load that leaves so much.
        $left = 0.85 - $factor * $loss->lost($off, $tension);
        $front = 1500.0 + (1.0 - $left) * $off->dropped()->frontLoad()->kilograms();
        $lifted = Ticket::of(
            Stance::Carried,
            [
                new PlatformLoad([WeighedAxle::Front], Load::ofKilograms($front)),
                new PlatformLoad([WeighedAxle::Rear], Load::ofKilograms(1400.0)),
                new PlatformLoad([WeighedAxle::Trailer], Load::ofKilograms(2380.0)),
            ],
            null,
            Load::ofKilograms(1.0),
        );
        $found = LiftedWeighing::of(
            liftedTicket(Stance::Alone, null),
            liftedTicket(Stance::Dropped, $off->dropped()),
            $lifted,
            $loss,
        );
        $measured = $loss->weighedAs($found?->factor($off, $tension) ?? NAN);

        expect($found?->factor($off, $tension))
            ->toEqualWithDelta($factor, 1e-6)
            ->and($measured->left($off, $tension))
            ->toEqualWithDelta($left, 1e-6)
            ->and($measured->lost($off, $off->tensionFor(0.6)))
            ->toEqualWithDelta($factor * $loss->lost($off, $off->tensionFor(0.6)), 1e-9);
    }
})->with('lifts');

it('tells nothing without a front axle of its own', function (): void {
    $off = new CoupledRig(
        new TowVehicle(3700.0, 1300.0, 12.5, 9.5),
        new TowedTrailer(5200.0, 2700.0, 340.0, 500.0, [['offset' => 0.0, 'rate' => 42.0]]),
        new Bars(2, 5.6, 710.0, 20.0),
    );
    $shared = Ticket::of(
        Stance::Carried,
        [
            new PlatformLoad([WeighedAxle::Front, WeighedAxle::Rear], Load::ofKilograms(2900.0)),
            new PlatformLoad([WeighedAxle::Trailer], Load::ofKilograms(2380.0)),
        ],
        null,
        Load::ofKilograms(1.0),
    );

    expect(
        LiftedWeighing::of(
            liftedTicket(Stance::Alone, null),
            liftedTicket(Stance::Dropped, $off->dropped()),
            $shared,
            LevellingLoss::ofTheRear(),
        ),
    )->toBeNull();
});
