<?php

declare(strict_types=1);

namespace Yoke\Practice\Exercise;

use Yoke\Planning\DescribedRig;
use Yoke\Rig\Rig;

/** A rig as a learner is told of it: what an exercise is drawn around. */
final readonly class PracticeRig
{
    /**
     * @param  DescribedRig  $told  by its specifications
     * @param  DescribedRig  $toldTurned  the same with the shank turned over, its ball higher by that
     */
    public function __construct(public Rig $rig, public DescribedRig $told, public DescribedRig $toldTurned)
    {
    }
}
