<?php

declare(strict_types=1);

namespace Yoke\Plan;

use Yoke\Balance\CoupledRig;
use Yoke\Fit\RigPrior;
use Yoke\Fit\RigSpread;
use Yoke\Method\Band;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;

/**
 * The setting to start with: of those with nearly the best chance to land in band, the one whose tension adjuster stands
 * nearest its middle, so that there is room both ways. The head's hole is chosen with the ball height, not here.
 */
final readonly class FirstSetting
{
    /** Chances closer than this count as the same. */
    private const SAME_CHANCE = 0.02;

    /** Never started with more chance than this to leave the front over-restored. */
    private const OVER_ALLOWED = 0.10;

    /**
     * @param  Setting  $reference  the setting whose tension the rig's prior knows
     * @param  float  $ballRaise  how much higher than the prior knows the unloaded ball stands, mm
     */
    public function __construct(
        private RigPrior $rig,
        private Adjusters $adjusters,
        private Setting $reference,
        private Band $band,
        private float $ballRaise = 0.0,
    ) {
    }

    /** @return list<FirstChance> best first; every setting of the tension and tilt adjusters */
    public function ranked(): array
    {
        $spread = $this->rig->spread($this->ballRaise);
        $chances = array_map(fn (Setting $setting): FirstChance => $this->chance($setting, $spread), $this->candidates());
        $best = max([0.0, ...array_map(static fn (FirstChance $chance): float => $chance->allowed() ? $chance->inBand : 0.0, $chances)]);
        $rank = fn (FirstChance $chance): array => [
            ! $chance->allowed(),
            $chance->inBand < $best - self::SAME_CHANCE,
            $chance->inBand < $best - self::SAME_CHANCE ? -$chance->inBand : $this->offMiddle($chance->setting),
        ];
        usort($chances, static fn (FirstChance $one, FirstChance $other): int => $rank($one) <=> $rank($other));

        return $chances;
    }

    /** @return list<Setting> with the head where the reference has it */
    private function candidates(): array
    {
        return array_values(array_filter($this->adjusters->settings(), function (Setting $setting): bool {
            foreach ($this->adjusters->all() as $adjuster) {
                if ($adjuster->role === Role::HeadHeight && $setting->step($adjuster->key) !== $this->reference->step($adjuster->key)) {
                    return false;
                }
            }

            return true;
        }));
    }

    private function chance(Setting $setting, RigSpread $spread): FirstChance
    {
        $more = $this->adjusters->tensionBetween($this->reference, $setting, $this->rig->known()->barArm);
        $share = $spread->predict(static fn (CoupledRig $rig, float $tension): float => $rig->carried($tension + $more)->frontRestored());

        return new FirstChance(
            $setting,
            $share,
            $share->chanceBetween($this->band->from, $this->band->to),
            1.0 - $share->chanceBelow(1.0),
            self::OVER_ALLOWED,
        );
    }

    /** How far the tension adjusters stand from their middles, as a share of their ranges. */
    private function offMiddle(Setting $setting): float
    {
        $tension = array_filter($this->adjusters->all(), static fn (Adjuster $adjuster): bool => $adjuster->role === Role::Tension);

        return array_sum(array_map(
            static fn (Adjuster $adjuster): float => abs($setting->step($adjuster->key) - $adjuster->range->middle()) / max(1.0, $adjuster->range->to - $adjuster->range->from),
            $tension,
        ));
    }
}
