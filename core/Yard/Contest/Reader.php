<?php

declare(strict_types=1);

namespace Yoke\Yard\Contest;

use Yoke\Balance\Attitude;
use Yoke\Rig\Axle;

/** Reads a fender height at a rig of the contest. */
interface Reader
{
    /**
     * One reading after rolling forward and back, mm.
     *
     * @param  Attitude|null  $attitude  null for the vehicle alone
     */
    public function read(Lot $lot, Axle $axle, ?Attitude $attitude): float;

    /** One standard deviation of a reading as a player reckons with it, mm. */
    public function doubt(Lot $lot, Axle $axle): float;
}
