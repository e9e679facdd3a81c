<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Device;

use Yoke\Foundation\Units\Bounds;

/** The instruments that can be read over a line; the value is their word in the protocol (docs/devices.md). */
enum DeviceKind: string
{
    case Weighbridge = 'weighbridge';
    case BallLoadGauge = 'gauge';
    case TongueScale = 'tongue-scale';
    case AngleGauge = 'angle';
    case HeightSensor = 'height';

    /** `kg`, `mm` or `deg`: what each of its channels is shown in. */
    public function unit(): string
    {
        return match ($this) {
            self::AngleGauge => 'deg',
            self::HeightSensor => 'mm',
            default => 'kg',
        };
    }

    /**
     * @return non-empty-list<string> what it can show; a weighbridge has nothing on its last platform while the vehicle
     *     stands alone
     */
    public function channels(): array
    {
        return match ($this) {
            self::Weighbridge => ['front', 'rear', 'trailer'],
            self::BallLoadGauge => ['ball'],
            self::TongueScale => ['tongue'],
            self::AngleGauge => ['vehicle', 'trailer'],
            self::HeightSensor => ['front', 'rear'],
        };
    }

    /** What makes sense on a channel, in its unit: anything else is absurd. */
    public function range(): Bounds
    {
        return match ($this) {
            self::Weighbridge => new Bounds(50.0, 20_000.0),
            self::BallLoadGauge, self::TongueScale => new Bounds(5.0, 5000.0),
            self::AngleGauge => new Bounds(-15.0, 15.0),
            self::HeightSensor => new Bounds(300.0, 1800.0),
        };
    }
}
