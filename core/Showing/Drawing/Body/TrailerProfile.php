<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\Figure;

/** The side of one kind of trailer, standing level. */
interface TrailerProfile
{
    /** mm */
    public function wheelRadius(): float;

    /** @return non-empty-list<Figure> the body first, what lies on it after; x is mm behind the ball */
    public function figures(TrailerFrame $frame): array;
}
