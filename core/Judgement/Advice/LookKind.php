<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/** What can be looked at: a stance once more, the count, or what nobody measured yet; the value is its key in files. */
enum LookKind: string
{
    case Alone = 'alone';
    case Dropped = 'dropped';
    case Carried = 'carried';
    case Count = 'count';
    /** The four heights of the hanging bar, before anything is coupled. */
    case FourHeights = 'four_heights';
    /** Frame to bar, coupled and dropped. */
    case BarGap = 'bar_gap';
    /** The axles on a weighbridge, in every stance. */
    case Scale = 'scale';
}
