<?php

declare(strict_types=1);

namespace Yoke\Workshop\Service;

/** How a fastener was found: over-tight is as bad as loose. */
enum TorqueFinding: string
{
    case Right = 'right';
    case Loose = 'loose';
    case OverTight = 'over_tight';
}
