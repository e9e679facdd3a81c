<?php

declare(strict_types=1);

namespace Yoke\Plan;

use Yoke\Balance\CoupledRig;
use Yoke\Balance\TowVehicle;
use Yoke\Rig\Levelling;

/**
 * What self-levelling takes back when it is switched on again at the tension that was set with it off: it lifts the rear,
 * slackens the bars and takes load off the front.
 */
final readonly class LevellingTakeBack
{
    public function __construct(private CoupledRig $off, private Levelling $levelling)
    {
    }

    /** The share that is left of the front axle load put back. */
    public function left(float $tension): float
    {
        return $this->on()->carried($tension)->frontRestored();
    }

    /** How much of the share goes, 0 without levelling. */
    public function lost(float $tension): float
    {
        return $this->off->carried($tension)->frontRestored() - $this->left($tension);
    }

    private function on(): CoupledRig
    {
        $vehicle = $this->off->vehicle();

        return new CoupledRig(
            new TowVehicle(
                $vehicle->wheelbase,
                $vehicle->overhang,
                $this->levelling === Levelling::AllCorners ? INF : $vehicle->frontRate,
                $this->levelling === Levelling::None ? $vehicle->rearRate : INF,
            ),
            $this->off->trailer(),
            $this->off->bars(),
        );
    }
}
