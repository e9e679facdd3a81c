<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation;

use Closure;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;

/** How long a stance of the forward model takes: each with another tension, its heights and restored share read off. */
final readonly class StanceBenchmark
{
    /** @param  Closure(): float  $seconds a clock that only runs forward */
    public function __construct(private Closure $seconds)
    {
    }

    /**
     * @param  int  $stances  1 or more
     * @return float microseconds each, on average
     */
    public function run(int $stances): float
    {
        $rig = new CoupledRig(
            new TowVehicle(3700.0, 1300.0, 12.4, 9.1),
            new TowedTrailer(5150.0, 3180.0, 402.0, 520.0, [
                ['offset' => 430.0, 'rate' => 26.0],
                ['offset' => -430.0, 'rate' => 26.0],
            ]),
            new Bars(2, 5.9, 720.0, 14.0),
        );
        $sum = 0.0;
        $began = ($this->seconds)();
        for ($i = 0; $i < $stances; $i++) {
            $attitude = $rig->carried(-40.0 + ($i % 120));
            $sum += $attitude->frontRise()->plus($attitude->rearRise())->millimetres() + $attitude->frontRestored();
        }
        $took = ($this->seconds)() - $began;

        return is_finite($sum) ? ($took * 1e6) / $stances : INF;
    }
}
