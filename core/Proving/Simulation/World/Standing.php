<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

use Yoke\Rig\Parts\Axle;

/** Where and how a rig stands while it is taped once. */
final readonly class Standing
{
    /** @param  array{front: float, rear: float}  $foot  ground under the tape's foot over the rest, mm */
    public function __construct(public Disturbance $disturbance, private array $foot)
    {
    }

    public function foot(Axle $axle): float
    {
        return $this->foot[$axle->value];
    }
}
