<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

/** How a player left a rig. */
final readonly class Finish
{
    /**
     * @param  int  $hookUps  settings hooked up, the first among them
     * @param  float  $minutes  for changes and for reading again
     * @param  float  $share  of the front axle load truly restored at the end
     * @param  float  $highest  the highest share truly restored on the way
     * @param  list<array{float, float}>  $claims  for each setting hooked up: the chance claimed, the share it truly restored
     */
    public function __construct(public int $hookUps, public float $minutes, public float $share, public float $highest, public array $claims)
    {
    }
}
