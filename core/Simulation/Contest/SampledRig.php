<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Setting;
use Yoke\Estimation\RigPrior;
use Yoke\Rig\Axle;
use Yoke\Rig\Suspension;
use Yoke\Statics\CoupledRig;

/** One rig of the contest: what is true of it, and what a player is told. */
final readonly class SampledRig
{
    private const CLOSELY_MM = 10.0;

    /**
     * @param  float  $tension  of the middle setting, truly, mm
     * @param  array{front: float, rear: float}  $aloneMm  true fender heights alone
     * @param  array{front: float, rear: float}  $frictionKg  of each axle's springs
     * @param  array{front: Suspension, rear: Suspension}  $springs
     * @param  RigPrior  $told  what is known before anything is taped
     * @param  int  $seed  of whatever goes wrong at this rig
     */
    public function __construct(
        public CoupledRig $truth,
        public float $tension,
        public array $aloneMm,
        public array $frictionKg,
        public array $springs,
        public Adjusters $adjusters,
        public RigPrior $told,
        public int $seed,
    ) {
    }

    /** Whether the tension of the middle setting was taped: it is told closely then. */
    public function isTaped(): bool
    {
        return $this->told->worth(RigPrior::TENSION, 0.0) < self::CLOSELY_MM;
    }

    /** Tension over that of the middle setting, mm. */
    public function tensionOffset(Setting $setting): float
    {
        return $this->adjusters->tensionBetween($this->adjusters->middle(), $setting, $this->truth->bars()->arm);
    }

    /** The share of front axle load that a setting truly puts back. */
    public function share(Setting $setting): float
    {
        return $this->truth->carried($this->tension + $this->tensionOffset($setting))->frontRestored();
    }

    public function rate(Axle $axle): float
    {
        return $axle === Axle::Front ? $this->truth->vehicle()->frontRate : $this->truth->vehicle()->rearRate;
    }
}
