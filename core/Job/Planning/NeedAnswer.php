<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

/** Whether a rig needs weight distribution, and by what. The value is its key in words. */
enum NeedAnswer: string
{
    case Forbidden = 'forbidden';
    case Required = 'required';
    case RatingEnds = 'rating_ends';
    case FrontLight = 'front_light';
    case FrontNotWeighed = 'front_not_weighed';
    case NotNeeded = 'not_needed';

    /** Whether a hitch that distributes is called for. */
    public function asks(): bool
    {
        return in_array($this, [self::Required, self::RatingEnds, self::FrontLight], true);
    }
}
