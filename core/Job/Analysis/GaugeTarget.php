<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\Goal;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Mechanics\Statics\CoupledRig;

/**
 * What the gauge in a head is to show with the bars on, and how far the screw is from it. The target is the hitch
 * maker's
 * where one is given, else it comes from the tongue weight and three lengths (docs/model.md, Ball load).
 */
final readonly class GaugeTarget
{
    /** Along the tension, mm: the load of taut bars is a straight line in it. */
    private const ALONG_MM = 10.0;

    private CoupledRig $rig;

    /**
     * @param  float  $lost  share that levelling takes back on the road
     * @param  CurrentSetting|null  $current  null while nothing was read carried
     */
    public function __construct(
        private Posterior $posterior,
        private Goal $goal,
        private float $lost,
        private ?CurrentSetting $current,
    ) {
        $this->rig = $posterior->rig($current->ballOffset ?? 0.0);
    }

    /** The one that governs. */
    public function target(): Load
    {
        return $this->goal->ballLoad()->target($this->rig, $this->lost);
    }

    /** Ours, whether or not a maker's governs. */
    public function computed(): Load
    {
        return $this->goal->withoutMakersBallLoad()->ballLoad()->target($this->rig, $this->lost);
    }

    /**
     * Ours under another load of the same rig: in proportion to the tongue weight.
     *
     * @param  Load  $unloaded  what the gauge shows with bars off
     */
    public function under(Load $unloaded): Load
    {
        return $this->computed()->times($unloaded->kilograms() / $this->rig->trailer()->tongueWeight);
    }

    public function isMakers(): bool
    {
        return $this->goal->hasMakersBallLoad();
    }

    /** The least that is still on target, within the tolerance of the method. */
    public function least(): Load
    {
        return $this->target()->times(1.0 + $this->goal->ballLoad()->range($this->lost)->low);
    }

    /** The most. */
    public function most(): Load
    {
        return $this->target()->times(1.0 + $this->goal->ballLoad()->range($this->lost)->high);
    }

    /** The tongue weight that it comes from. */
    public function tongueWeight(): Normal
    {
        return $this->posterior->predict(static fn (CoupledRig $rig): float => $rig->trailer()->tongueWeight);
    }

    /** What the front axle load would be restored to with the gauge at its target: a share. */
    public function share(): float
    {
        return $this->rig->taut($this->tensionFor($this->target()))->frontRestored();
    }

    /**
     * What each bar then carries at its hook-up point; below 0 where the target is less than the rig weighs on the ball
     * with no bars at all.
     */
    public function perBar(): Load
    {
        return Load::ofKilograms(
            $this->rig->taut($this->tensionFor($this->target()))->barLoad()->kilograms() / $this->rig->bars()->count,
        );
    }

    /** How far the bars have yet to be bent, mm; below 0, let go. Null while nothing was read carried. */
    public function tensionToGo(): ?float
    {
        return $this->current === null
            ? null
            : $this->tensionFor($this->target()) - $this->posterior->tension() - $this->current->tensionOffset;
    }

    /** The same in steps of the screw, to the nearest half. */
    public function stepsToGo(float $pitch): ?float
    {
        $toGo = $this->tensionToGo();

        return $toGo === null ? null : round((2.0 * $toGo) / $pitch) / 2.0;
    }

    private function tensionFor(Load $target): float
    {
        $loose = $this->rig->taut(0.0)->ballLoad()->kilograms();
        $slope = ($this->rig->taut(self::ALONG_MM)->ballLoad()->kilograms() - $loose) / self::ALONG_MM;

        return ($target->kilograms() - $loose) / $slope;
    }
}
