<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

/** What a hitch ties head and frame together with. */
enum Tensioner
{
    case SpringBars;
    case Chains;
    /** A plain ball. */
    case Nothing;
}
