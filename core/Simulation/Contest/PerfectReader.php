<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Yoke\Rig\Axle;
use Yoke\Statics\Attitude;

/** Springs without friction and a tape without error: what the tape costs is the difference. */
final readonly class PerfectReader implements Reader
{
    private const DOUBT_MM = 0.05;

    public function read(SampledRig $lot, Axle $axle, ?Attitude $attitude): float
    {
        $rise = $attitude === null ? 0.0 : ($axle === Axle::Front ? $attitude->frontRise() : $attitude->rearRise());

        return $lot->aloneMm[$axle->value] + $rise;
    }

    public function doubt(SampledRig $lot, Axle $axle): float
    {
        return self::DOUBT_MM;
    }
}
