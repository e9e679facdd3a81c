<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Exception\ImpossibleRig;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Rig\Parts\VehicleBody;

$mm = fn (float $length): Length => Length::ofMillimetres($length);
$vehicle = fn (float $wheelbase, float $overhang): Vehicle => Vehicle::of(
    VehicleBody::PickUp,
    $mm($wheelbase),
    $mm($overhang),
    Suspension::Coil,
    Suspension::Leaf,
);
$trailer = fn (int $axles, float $length, float $kilograms): Trailer => Trailer::of(
    TrailerBody::Box,
    $axles,
    $mm($length),
    Load::ofKilograms($kilograms),
);

it('cannot be made with impossible dimensions, and names the field', function (
    Closure $make,
    string $field,
    string $expected,
): void {
    try {
        $make();
    } catch (ImpossibleRig $impossible) {
        expect($impossible->field())->toBe($field)->and($impossible->getMessage())->toStartWith($expected);

        return;
    }
    throw new LogicException('It was made.');
})->with([
    'no wheelbase' => [
        fn () => $vehicle(0, 1300),
        'wheelbase',
        'range.wheelbase low_mm=1500 high_mm=6500 low_in=59 high_in=256',
    ],
    'wheelbase below zero' => [fn () => $vehicle(-3700, 1300), 'wheelbase', 'range.wheelbase'],
    'overhang too long' => [fn () => $vehicle(3700, 3001), 'overhang', 'range.overhang low_mm=300 high_mm=3000'],
    'four trailer axles' => [fn () => $trailer(4, 5000, 3000), 'axles', 'rig.axles'],
    'trailer too short' => [
        fn () => $trailer(2, 1199, 3000),
        'ball_to_axle',
        'range.ball_to_axle low_mm=1200 high_mm=12000',
    ],
    'trailer without weight' => [fn () => $trailer(2, 5000, 0), 'gross_weight', 'rig.gross_weight'],
    'bar arm too short' => [fn () => Hitch::of($mm(100)), 'bar_arm', 'range.bar_arm low_mm=300 high_mm=1500'],
    'bars hooked up behind the axles' => [
        fn () => Rig::of($vehicle(3700, 1300), $trailer(1, 1250, 700), Hitch::of($mm(1300))),
        'bar_arm',
        'rig.bar_arm',
    ],
]);

it('takes the ends of every range', function () use ($vehicle, $trailer, $mm): void {
    $rig = Rig::of($vehicle(1500, 300), $trailer(3, 12_000, 20_000), Hitch::of($mm(1500)));

    expect($rig->vehicle->wheelbase->millimetres())
        ->toBe(1500.0)
        ->and($rig->trailer->axles)
        ->toBe(3);
});

it('collects every problem for a form, skipping what is not known', function () use ($mm): void {
    $problems = new CollectProblems();
    Vehicle::check($mm(1), $mm(1), $problems);
    Trailer::check(0, null, Load::ofKilograms(1), $problems);
    Hitch::check(null, $problems);

    expect(array_keys($problems->all()))->toBe(['wheelbase', 'overhang', 'axles', 'gross_weight']);
});
