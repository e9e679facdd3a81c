<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Yoke\Method\Band;

/** Somebody who sets up a rig of the contest until they say stop. */
interface Player
{
    public function play(SampledRig $lot, Reader $reader, Band $band): Finish;
}
