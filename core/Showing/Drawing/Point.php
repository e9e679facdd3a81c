<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

/** A place in the drawing: mm behind the front axle, mm above the ground. */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    public function towards(self $other, float $share): self
    {
        return new self($this->x + ($other->x - $this->x) * $share, $this->y + ($other->y - $this->y) * $share);
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }
}
