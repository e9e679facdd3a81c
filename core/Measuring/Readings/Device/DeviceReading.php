<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Device;

/** What a device shows. */
final readonly class DeviceReading
{
    /** @param  non-empty-array<string, float>  $values  by channel, in the kind's unit */
    public function __construct(public DeviceKind $kind, public Display $display, public array $values)
    {
    }

    public function isSteady(): bool
    {
        return $this->display === Display::Steady;
    }
}
