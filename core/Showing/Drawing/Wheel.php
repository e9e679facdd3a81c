<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

/** A wheel standing on the ground line. */
final readonly class Wheel
{
    public function __construct(public float $x, public float $radius)
    {
    }
}
