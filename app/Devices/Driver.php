<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Job;
use Yoke\Measuring\Readings\Device\DeviceKind;
use Yoke\Measuring\Readings\Device\DeviceReading;
use Yoke\Measuring\Readings\Device\Exception\UnreadableDevice;
use Yoke\Rig\Parts\Stance;

/** Reads a device once, as its display stands. Job and stance say which rig is at it; a real device need not care. */
interface Driver
{
    /** @throws UnreadableDevice in words for whoever stands at it, within the shop's patience */
    public function read(DeviceKind $kind, Job $job, Stance $stance): DeviceReading;

    /** Whether anything is there that could be read. */
    public function isThere(): bool;
}
