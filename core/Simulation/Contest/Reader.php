<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Yoke\Rig\Axle;
use Yoke\Statics\Attitude;

/** Reads a fender height at a rig of the contest. */
interface Reader
{
    /**
     * One reading after rolling forward and back, mm.
     *
     * @param  Attitude|null  $attitude  null for the vehicle alone
     */
    public function read(SampledRig $lot, Axle $axle, ?Attitude $attitude): float;

    /** One standard deviation of a reading as a player reckons with it, mm. */
    public function doubt(SampledRig $lot, Axle $axle): float;
}
