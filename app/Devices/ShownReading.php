<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\User;
use App\Words\QuantityWords;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Device\DeviceKind;
use Yoke\Measuring\Readings\Device\DeviceReading;

/** What a device shows, in a person's units, ready to stand in the fields that it fills. */
final readonly class ShownReading
{
    private QuantityWords $print;

    public function __construct(private DeviceReading $reading, User $person)
    {
        $this->print = new QuantityWords($person);
    }

    public function says(): string
    {
        $shown = [];
        foreach ($this->reading->values as $channel => $value) {
            $shown[] = "{$channel} {$this->printed($value)}";
        }

        return implode(', ', $shown).($this->reading->isSteady() ? '' : ' … settling');
    }

    /** @return array<string, string> by the id of the field */
    public function fields(): array
    {
        $values = $this->reading->values;

        return match ($this->reading->kind) {
            DeviceKind::Weighbridge => [
                'ticket' => implode(
                    "\n",
                    array_map(
                        fn (string $axle, float $load): string => "{$axle} {$this->printed($load)}",
                        array_keys($values),
                        $values,
                    ),
                ),
            ],
            DeviceKind::BallLoadGauge => [
                'ball_load' => $this->printed($values['ball']),
                'read' => $this->printed($values['ball']),
                'way' => 'gauge',
            ],
            DeviceKind::TongueScale => ['read' => $this->printed($values['tongue']), 'way' => 'tongue_scale'],
            DeviceKind::AngleGauge => ['trailer_angle' => sprintf('%.1F', $values['trailer'])],
            DeviceKind::HeightSensor => [
                'front' => $this->printed($values['front']),
                'rear' => $this->printed($values['rear']),
            ],
        };
    }

    private function printed(float $value): string
    {
        return match ($this->reading->kind->unit()) {
            'kg' => $this->print->load(Load::ofKilograms($value)),
            'mm' => $this->print->height($value),
            default => sprintf('%.1F°', $value),
        };
    }
}
