<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Foundation\Units\Bounds;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;

/**
 * The force between ball and coupler against its target: what the hitch's maker gives, else what the middle of the
 * range
 * asks for. Its quantity is how far it is off, as a share of the target.
 */
final readonly class BallLoad implements Method
{
    /** @param  Load|null  $makers  the maker's own target; null where it gives none */
    public function __construct(
        private TargetRange $band,
        private Tolerances $tolerances,
        private ?Load $makers = null,
    ) {
    }

    public function criterion(): Criterion
    {
        return Criterion::BallLoad;
    }

    public function quantity(Attitude $carried, float $lost): float
    {
        return $carried->ballLoad()->kilograms() / $this->target($carried->rig(), $lost)->kilograms() - 1.0;
    }

    /** TW·(1 + ρ·a·(L − b)/(b·(L + a))) for the share ρ in the middle of the range (docs/model.md, Ball load). */
    public function target(CoupledRig $rig, float $lost): Load
    {
        [$overhang, $length, $arm] = [$rig->vehicle()->overhang, $rig->trailer()->ballToAxle, $rig->bars()->arm];

        return $this->makers ??
            Load::ofKilograms(
                $rig->trailer()->tongueWeight *
                    (1 +
                        ($this->band->raisedBy($lost)->middle() * $overhang * ($length - $arm)) /
                            ($arm * ($length + $overhang))),
            );
    }

    public function range(float $lost): Bounds
    {
        return Bounds::about(0.0, $this->tolerances->ballLoadShare);
    }

    public function chances(StanceQuantities $of): Chances
    {
        $range = $this->range($of->lost);
        $tooMuch = max($of->over(), 1.0 - $of->quantity->chanceBelow($range->high));

        return Chances::ofOutside(min(1.0 - $tooMuch, $of->quantity->chanceBelow($range->low)), $tooMuch);
    }

    public function movesTheHead(): bool
    {
        return false;
    }
}
