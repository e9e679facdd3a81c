<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;

/** A true rig with what its settings truly do, how high it stands and how its springs stick. */
final class TrueSetUp
{
    /** @var array<string, float> */
    private array $shares = [];

    /**
     * @param  float  $tension  of the middle setting, mm
     * @param  Adjusters  $adjusters  with what their steps truly do
     * @param  array{front: float, rear: float}  $aloneMm  fender heights alone
     * @param  array{front: float, rear: float}  $frictionKg  of each axle's springs
     * @param  array{front: Suspension, rear: Suspension}  $springs
     */
    public function __construct(
        public readonly TrueRig $rig,
        private readonly float $arm,
        private readonly float $tension,
        private readonly Adjusters $adjusters,
        public readonly array $aloneMm,
        public readonly array $frictionKg,
        public readonly array $springs,
    ) {
    }

    /** Tension of a setting, mm. */
    public function tension(Setting $setting): float
    {
        return $this->tension + $this->adjusters->tensionBetween($this->adjusters->middle(), $setting, $this->arm);
    }

    /** The share of front axle load that a setting truly puts back. */
    public function share(Setting $setting): float
    {
        return $this->shares[$setting->key()] ??= $this->rig->restored($this->tension($setting));
    }

    /** @param  Setting|null  $setting  of the carried rig */
    public function stand(Stance $stance, ?Setting $setting, Disturbance $disturbance): Stand
    {
        return match (true) {
            $stance === Stance::Alone => $this->rig->alone($disturbance),
            $stance === Stance::Dropped || $setting === null => $this->rig->dropped($disturbance),
            default => $this->rig->carried($this->tension($setting), $disturbance),
        };
    }

    /** How far off rest all the friction of an axle's springs holds it, mm. */
    public function sticks(Axle $axle): float
    {
        $vehicle = $this->rig->vehicle();

        return $this->frictionKg[$axle->value] / ($axle === Axle::Front ? $vehicle->front : $vehicle->rear)->rate;
    }
}
