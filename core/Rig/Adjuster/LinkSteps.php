<?php

declare(strict_types=1);

namespace Yoke\Rig\Adjuster;

/** Where a chain can be taken up: at its links, or between two of them as well. */
enum LinkSteps: string
{
    case Whole = 'whole';

    /** A bolt set between two links takes up half of one. */
    case Halves = 'halves';
}
