<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation;

use Yoke\Measuring\Readings\Device\DeviceKind;
use Yoke\Measuring\Readings\Device\DeviceReading;
use Yoke\Measuring\Readings\Device\Display;
use Yoke\Measuring\Readings\Device\Exception\UnreadableDevice;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/**
 * What the devices of a yard show of a rig with a hidden truth that came to stand at them: all from the same stance.
 */
final readonly class SimulatedDevices
{
    /** A weighbridge shows whole steps; the others finer. */
    private const STEP = [
        'weighbridge' => 10.0,
        'gauge' => 2.0,
        'tongue-scale' => 1.0,
        'angle' => 0.1,
        'height' => 1.0,
    ];

    /** Displays swing so long, s, and so far at first, in their unit. */
    private const SETTLES_S = [
        'weighbridge' => 1.6,
        'gauge' => 0.6,
        'tongue-scale' => 0.8,
        'angle' => 0.3,
        'height' => 0.3,
    ];

    private const SWINGS = [
        'weighbridge' => 90.0,
        'gauge' => 14.0,
        'tongue-scale' => 20.0,
        'angle' => 0.4,
        'height' => 4.0,
    ];

    /** How far each is off, one deviation: a share of a load; mm; degrees. */
    private const OFF = [
        'weighbridge' => 0.0006,
        'gauge' => 0.01,
        'tongue-scale' => 0.008,
        'angle' => 0.04,
        'height' => 0.4,
    ];

    /**
     * @param  array{front: float, rear: float}  $aloneKg
     * @param  int  $occasion  another one each time that the rig comes to stand: friction and errors fall anew
     */
    public function __construct(
        private SimulatedRig $rig,
        private array $aloneKg,
        private Stance $stance,
        private int $occasion,
    ) {
    }

    /**
     * @param  float  $seconds  since the rig came to stand
     *
     * @throws UnreadableDevice when there is nothing on the device
     */
    public function show(DeviceKind $kind, float $seconds): DeviceReading
    {
        $random = new SeededSource($this->occasion);
        $settles = self::SETTLES_S[$kind->value];
        $swing =
            $seconds >= $settles
                ? 0.0
                : self::SWINGS[$kind->value] * (1.0 - $seconds / $settles) * sin(9.0 * $seconds + 1.0);
        $step = self::STEP[$kind->value];
        $values = array_map(
            static fn (float $true): float => round(($true + $swing) / $step) * $step,
            $this->true($kind, $random),
        );

        return new DeviceReading($kind, $seconds >= $settles ? Display::Steady : Display::Moving, $values);
    }

    /** @return non-empty-array<string, float> with the device's own error */
    private function true(DeviceKind $kind, RandomSource $random): array
    {
        $off = $random->normal(self::OFF[$kind->value]);

        return match ($kind) {
            DeviceKind::Weighbridge => array_map(
                static fn (float $load): float => $load * (1.0 + $off),
                $this->loads(),
            ),
            DeviceKind::BallLoadGauge => [
                'ball' => $this->rig->ballLoad($this->stance) * (1.0 + $off) ?:
                    throw UnreadableDevice::refused($kind, 'nothing is on the ball'),
            ],
            DeviceKind::TongueScale => $this->stance === Stance::Alone
                ? ['tongue' => $this->rig->tongueWeight() * (1.0 + $off)]
                : throw UnreadableDevice::refused($kind, 'the tongue is on the ball, uncouple first'),
            DeviceKind::AngleGauge => [
                'vehicle' => $this->rig->vehiclePitch($this->stance) + $off,
                'trailer' => $this->rig->trailerPitch($this->stance) + $off,
            ],
            DeviceKind::HeightSensor => $this->heights($off, $random),
        };
    }

    /** @return non-empty-array<string, float> */
    private function loads(): array
    {
        return $this->rig->loads($this->stance, $this->aloneKg) ?: $this->aloneKg;
    }

    /** @return array{front: float, rear: float} */
    private function heights(float $off, RandomSource $random): array
    {
        $height = fn (Axle $axle): float => $this->rig
            ->height($this->stance, $axle, Settling::Rolled, $random)
            ->millimetres() + $off;

        return ['front' => $height(Axle::Front), 'rear' => $height(Axle::Rear)];
    }
}
