<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Plot;

use Yoke\Showing\Drawing\Point;

/** The doubt of a value, drawn from one deviation above it to one below. */
final readonly class Whisker
{
    public function __construct(public Point $high, public Point $low)
    {
    }
}
