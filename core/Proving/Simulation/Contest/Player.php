<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Judgement\Method\TargetRange;

/** Somebody who sets up a rig of the contest until they say stop. */
interface Player
{
    public function play(HookUps $hookUps, TapeReader $tape, TargetRange $band): Finish;
}
