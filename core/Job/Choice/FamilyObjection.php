<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

/** What speaks against a family on a rig, whatever its use asks. The value is its key in words. */
enum FamilyObjection: string
{
    /** At its tightest it does not reach the target range. */
    case LittleReach = 'little_reach';

    /** Its finest step moves more than half the target range. */
    case CoarseSteps = 'coarse_steps';
}
