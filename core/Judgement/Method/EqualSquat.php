<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Foundation\Units\Bounds;
use Yoke\Mechanics\Statics\Attitude;

/**
 * Both ends down by the same from alone to carried, and the front not heavier than it may be. Its quantity is how much
 * farther the rear dropped than the front, mm. Exactly met it leaves the front heavier than alone on usual rigs
 * (docs/model.md, Equal squat).
 */
final readonly class EqualSquat implements Method
{
    public function __construct(private Tolerances $tolerances)
    {
    }

    public function criterion(): Criterion
    {
        return Criterion::EqualSquat;
    }

    public function quantity(Attitude $carried, float $lost): float
    {
        return $carried->frontRise()->millimetres() - $carried->rearRise()->millimetres();
    }

    public function range(float $lost): Bounds
    {
        return Bounds::about(0.0, $this->tolerances->squatMm);
    }

    public function chances(StanceQuantities $of): Chances
    {
        $range = $this->range($of->lost);
        $tooMuch = max($of->over(), $of->quantity->chanceBelow($range->low));

        return Chances::ofOutside(min(1.0 - $tooMuch, 1.0 - $of->quantity->chanceBelow($range->high)), $tooMuch);
    }

    public function movesTheHead(): bool
    {
        return false;
    }
}
