<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

/** What speaks against a pair of bars on a rig. The value is its key in words. */
enum BarObjection: string
{
    /** The heaviest tongue weight of the year may be above their range. */
    case TooLight = 'too_light';

    /** The lightest may be below it: they ride hard, and a link is worth much. */
    case TooHeavy = 'too_heavy';

    /** To restore the middle of the target range they may have to be bent past their rating. */
    case BentPastRating = 'bent_past_rating';

    /** One step moves more than half the target range. */
    case CoarseSteps = 'coarse_steps';
}
