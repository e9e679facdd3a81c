<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Foundation\Units\Bounds;
use Yoke\Mechanics\Statics\Attitude;

/**
 * The coupler at its level height with the bars visibly bent. Its quantity is coupler over level, mm: low is too
 * little.
 */
final readonly class CouplerHeight implements Method
{
    public function __construct(private Tolerances $tolerances)
    {
    }

    public function criterion(): Criterion
    {
        return Criterion::CouplerHeight;
    }

    public function quantity(Attitude $carried, float $lost): float
    {
        return $carried->ballRise()->millimetres();
    }

    public function range(float $lost): Bounds
    {
        return Bounds::about(0.0, $this->tolerances->couplerMm);
    }

    public function chances(StanceQuantities $of): Chances
    {
        $range = $this->range($of->lost);
        $straight = $of->bend->chanceBelow($this->tolerances->bentMm);
        $tooMuch = max($of->over(), 1.0 - $of->quantity->chanceBelow($range->high));

        $tooLittle = max($of->quantity->chanceBelow($range->low), min($straight, 1.0 - $tooMuch));

        return Chances::ofOutside($tooLittle, $tooMuch);
    }

    public function movesTheHead(): bool
    {
        return true;
    }
}
