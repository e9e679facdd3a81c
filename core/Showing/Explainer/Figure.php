<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer;

/** One figure that an explainer speaks of, by its key. */
final readonly class Figure
{
    /** @param  float  $value  mm, kg, degrees, a share, N·m or a number, as its quantity says */
    public function __construct(public string $key, public float $value, public Quantity $unit)
    {
    }
}
