<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Foundation\Units\Bounds;
use Yoke\Mechanics\Statics\Attitude;

/** The share of the load that coupling took off the front axle which the bars put there again. */
final readonly class FrontRestoration implements Method
{
    public function __construct(private TargetRange $band)
    {
    }

    public function criterion(): Criterion
    {
        return Criterion::FrontRestoration;
    }

    public function quantity(Attitude $carried, float $lost): float
    {
        return $carried->frontRestored();
    }

    public function range(float $lost): Bounds
    {
        $band = $this->band->raisedBy($lost);

        return new Bounds($band->from, $band->to);
    }

    public function chances(StanceQuantities $of): Chances
    {
        $range = $this->range($of->lost);

        return Chances::ofOutside($of->share->chanceBelow($range->low), 1.0 - $of->share->chanceBelow($range->high));
    }

    public function movesTheHead(): bool
    {
        return false;
    }
}
