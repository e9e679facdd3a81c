<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Coach;

/** How much a learner is helped. */
enum CoachMode: string
{
    case Off = 'off';
    case Hints = 'hints';
    case Advice = 'advice';
}
