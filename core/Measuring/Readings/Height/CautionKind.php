<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

/** Why a height is hard to believe. */
enum CautionKind: string
{
    case TooFar = 'too_far';
    case FrontNotLifted = 'front_not_lifted';
    case RearNotDropped = 'rear_not_dropped';
    /** Coupled, both ends stand as alone. */
    case NothingMoved = 'nothing_moved';
    case SameAsDropped = 'same_as_dropped';
    case FrontNotBroughtDown = 'front_not_brought_down';
    case RearNotBroughtUp = 'rear_not_brought_up';
    case SidesApart = 'sides_apart';
}
