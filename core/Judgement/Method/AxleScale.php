<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Foundation\Units\Bounds;
use Yoke\Mechanics\Statics\Attitude;

/**
 * Front axle load restored, as front restoration judges it; where axles were weighed they are the judge over all tapes.
 */
final readonly class AxleScale implements Method
{
    private FrontRestoration $restoration;

    public function __construct(TargetRange $band)
    {
        $this->restoration = new FrontRestoration($band);
    }

    public function criterion(): Criterion
    {
        return Criterion::AxleScale;
    }

    public function quantity(Attitude $carried, float $lost): float
    {
        return $this->restoration->quantity($carried, $lost);
    }

    public function range(float $lost): Bounds
    {
        return $this->restoration->range($lost);
    }

    public function chances(StanceQuantities $of): Chances
    {
        return $this->restoration->chances($of);
    }

    public function movesTheHead(): bool
    {
        return false;
    }
}
