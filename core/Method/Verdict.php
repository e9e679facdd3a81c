<?php

declare(strict_types=1);

namespace Yoke\Method;

/** What a method says of a carried rig; the value is its name on a label. */
enum Verdict: string
{
    case Short = 'short of band';
    case InBand = 'in band';
    case Over = 'over';
    case CannotTell = 'cannot tell';

    /** A height that the method needs is not taped yet. */
    case Waiting = 'not taped yet';
}
