<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Rig\Parts\Rig;

/** A rig as a learner is told of it: what an exercise is drawn around. */
final readonly class PracticeRig
{
    /**
     * @param  SpecifiedRig  $told  by its specifications
     * @param  SpecifiedRig  $toldTurned  the same with the shank turned over, its ball higher by that
     */
    public function __construct(public Rig $rig, public SpecifiedRig $told, public SpecifiedRig $toldTurned)
    {
    }
}
