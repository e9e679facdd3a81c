<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Readings\Device\DeviceKind;
use Yoke\Measuring\Readings\Device\DeviceLine;
use Yoke\Measuring\Readings\Device\Exception\UnreadableDevice;
use Yoke\Proving\Simulation\HiddenTruth;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Proving\Simulation\SimulatedDevices;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;

function hiddenTruth(): HiddenTruth
{
    $rig = Priors::rig()->likelyRig();

    return new HiddenTruth(
        $rig,
        $rig->tensionFor(0.75),
        ['front' => 951.0, 'rear' => 987.0],
        ['front' => 1460.0, 'rear' => 1190.0],
        ['front' => 24.0, 'rear' => 70.0],
    );
}

function devices(Stance $stance, float $more = 0.0, int $occasion = 5): SimulatedDevices
{
    return new SimulatedDevices(hiddenTruth()->at($more, 0.0), hiddenTruth()->aloneKg, $stance, $occasion);
}

it('agrees with itself: weights, gauge, angle and heights are of one stance', function (): void {
    $rig = Priors::rig()->likelyRig();
    $carried = $rig->carried($rig->tensionFor(0.75));
    $show = fn (DeviceKind $kind): array => devices(Stance::Carried)->show($kind, 60.0)->values;
    $bridge = $show(DeviceKind::Weighbridge);

    expect(array_sum($bridge))
        ->toEqualWithDelta(1460 + 1190 + 3180, 20.0)
        ->and($bridge['front'])
        ->toEqualWithDelta(1460 + $carried->frontLoad()->kilograms(), 12.0)
        ->and($show(DeviceKind::BallLoadGauge)['ball'])
        ->toEqualWithDelta($carried->ballLoad()->kilograms(), 0.04 * $carried->ballLoad()->kilograms())
        ->and($show(DeviceKind::AngleGauge)['trailer'])
        ->toEqualWithDelta($carried->trailerPitchAngle()->degrees(), 0.25)
        ->and($show(DeviceKind::HeightSensor)['rear'])
        ->toEqualWithDelta(987 + $carried->rearRise()->millimetres(), 4.0);
});

it('changes with the setting, and weighs the tongue only on its own', function (): void {
    $front = fn (float $more): float => devices(Stance::Carried, $more)->show(DeviceKind::Weighbridge, 60.0)->values[
        'front'
    ];
    $raised = (new SimulatedDevices(hiddenTruth()->at(0.0, 60.0), hiddenTruth()->aloneKg, Stance::Carried, 5))->show(
        DeviceKind::AngleGauge,
        60.0,
    )->values['trailer'];

    expect($front(28.0))
        ->toBeGreaterThan($front(0.0))
        ->and($front(0.0))
        ->toBeGreaterThan($front(-28.0))
        ->and($raised)
        ->toBeGreaterThan(devices(Stance::Carried)->show(DeviceKind::AngleGauge, 60.0)->values['trailer'])
        ->and(devices(Stance::Alone)->show(DeviceKind::TongueScale, 60.0)->values['tongue'])
        ->toEqualWithDelta(402.0, 14.0)
        ->and(fn () => devices(Stance::Dropped)->show(DeviceKind::TongueScale, 60.0))
        ->toThrow(UnreadableDevice::class, 'uncouple first')
        ->and(fn () => devices(Stance::Alone)->show(DeviceKind::BallLoadGauge, 60.0))
        ->toThrow(UnreadableDevice::class, 'nothing is on the ball')
        ->and(devices(Stance::Alone)->show(DeviceKind::Weighbridge, 60.0)->values)
        ->toHaveCount(2);
});

it('settles, then shows the same in whole steps until the rig comes to stand again', function (DeviceKind $kind): void {
    $stance = $kind === DeviceKind::TongueScale ? Stance::Alone : Stance::Carried;
    $at = fn (float $seconds, int $occasion = 5) => devices($stance, 0.0, $occasion)->show($kind, $seconds);

    expect($at(0.05)->isSteady())
        ->toBeFalse()
        ->and($at(9.0)->isSteady())
        ->toBeTrue()
        ->and($at(0.05)->values)
        ->not->toEqual($at(9.0)->values)
        ->and($at(9.0)->values)
        ->toEqual($at(12.0)->values)
        ->and(DeviceLine::read($kind, DeviceLine::of($at(9.0)))->values)
        ->toEqualWithDelta($at(9.0)->values, 1e-9)
        ->and(DeviceLine::read($kind, DeviceLine::of($at(0.05)))->isSteady())
        ->toBeFalse();
    if ($kind === DeviceKind::Weighbridge) {
        expect(array_map(fn (float $load): float => fmod($load, 10.0), array_values($at(9.0)->values)))->toEqual([
            0.0,
            0.0,
            0.0,
        ]);
    }
})->with(DeviceKind::cases());

it('says in words what a line of a device lacks', function (DeviceKind $kind, string $line, string $says): void {
    expect(fn () => DeviceLine::read($kind, $line))->toThrow(UnreadableDevice::class, $says);
})->with([
    'nothing' => [DeviceKind::Weighbridge, '', 'device.garbled device=weighbridge'],
    'noise' => [DeviceKind::Weighbridge, "#\x01%~", 'device.garbled device='],
    'another device' => [DeviceKind::Weighbridge, 'gauge steady ball=400kg', 'device.garbled device='],
    'another unit' => [DeviceKind::Weighbridge, 'weighbridge steady front=3200lb', 'device.garbled device='],
    'another channel' => [DeviceKind::HeightSensor, 'height steady roof=1900mm', 'device.garbled device='],
    'no value' => [DeviceKind::HeightSensor, 'height steady', 'device.garbled device='],
    'a line too many' => [DeviceKind::BallLoadGauge, "gauge steady ball=400kg\nx", 'device.garbled device='],
    'absurd' => [
        DeviceKind::BallLoadGauge,
        'gauge steady ball=99999kg',
        'device.absurd device=gauge value=99999 unit=kg channel=ball',
    ],
    'below the ground' => [
        DeviceKind::HeightSensor,
        'height steady front=-12mm rear=980mm',
        'device.absurd device=height value=-12',
    ],
    'a refusal of its own' => [
        DeviceKind::TongueScale,
        'error battery low',
        'device.refused device=tongue-scale why=battery low',
    ],
]);

it('keeps a truth exactly, and draws one that its sheets allow, the same each time', function (): void {
    $kept = HiddenTruth::ofArray(json_decode((string) json_encode(hiddenTruth()->toArray()), true));
    $drawn = fn (int $seed): array => HiddenTruth::drawn(
        Priors::rig(),
        ['front' => 950.0, 'rear' => 980.0],
        ['front' => 1400.0, 'rear' => 1100.0],
        ['front' => Suspension::Coil, 'rear' => Suspension::Leaf],
        new SeededSource($seed),
    )->toArray();
    [$frontRate] = array_slice($drawn(3)['vehicle'], 2, 1);

    expect($kept->toArray())
        ->toEqual(hiddenTruth()->toArray())
        ->and($drawn(3))
        ->toEqual($drawn(3))
        ->and($drawn(3))
        ->not->toEqual($drawn(4))
        ->and(abs(log($frontRate / Priors::rig()->likely(RigParameter::FrontRate->value))))
        ->toBeLessThanOrEqual(0.15 + 1e-9);
});
