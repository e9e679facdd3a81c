<?php

declare(strict_types=1);

namespace Yoke\Bars;

use Yoke\Adjuster\Adjuster;
use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Role;
use Yoke\Adjuster\Setting;
use Yoke\Estimation\RigPrior;
use Yoke\Estimation\RigSpread;
use Yoke\Method\Band;
use Yoke\Statics\CoupledRig;
use Yoke\Units\Length;
use Yoke\Units\Term;

/**
 * The setting to start with: of those with nearly the best chance to land in band, the one whose tension adjuster stands
 * nearest its middle, so that there is room both ways, and whose bars lie nearest to parallel with the frame. The head's
 * hole is chosen with the ball height, not here.
 */
final readonly class FirstSetting
{
    /** Chances closer than this count as the same. */
    private const SAME_CHANCE = 0.02;

    /** Bars so far from parallel weigh as much as a tension adjuster at the end of its range. */
    private const AWRY_DEGREES = 8.0;

    /**
     * @param  Setting  $reference  the setting whose tension the rig's prior knows
     * @param  float  $ballOffset  how much higher than the prior knows the unloaded ball stands, mm
     */
    public function __construct(
        private RigPrior $rig,
        private Adjusters $adjusters,
        private Setting $reference,
        private Band $band,
        private ?BarHang $hang,
        private float $ballOffset = 0.0,
    ) {
    }

    /** @return list<FirstChance> best first; every setting of the tension and tilt adjusters */
    public function ranked(): array
    {
        $spread = $this->rig->spread($this->ballOffset);
        $chances = array_map(fn (Setting $setting): FirstChance => $this->chance($setting, $spread), $this->candidates());
        $best = max([0.0, ...array_map(static fn (FirstChance $chance): float => $chance->allowed() ? $chance->inBand : 0.0, $chances)]);
        $rank = fn (FirstChance $chance): array => [
            ! $chance->allowed(),
            $chance->inBand < $best - self::SAME_CHANCE,
            $chance->inBand < $best - self::SAME_CHANCE ? -$chance->inBand : $this->awkward($chance),
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
        $tensionOffset = $this->adjusters->tensionBetween($this->reference, $setting, $this->rig->known()->barArm);
        $share = $spread->predict(static fn (CoupledRig $rig, float $tension): float => $rig->carried($tension + $tensionOffset)->frontRestored());

        return new FirstChance(
            $setting,
            $share,
            $share->chanceBetween($this->band->from, $this->band->to),
            1.0 - $share->chanceBelow(1.0),
            $this->hang?->fromParallel($setting),
            $this->hang?->clearance($setting, $spread->likely()->carried($this->rig->likely(RigPrior::TENSION) + $tensionOffset)),
            $this->hang?->leastClearance,
        );
    }

    /** @return list<Term> from the middle setting's tension to the share, then what each doubt is worth in share */
    public function terms(FirstChance $chance): array
    {
        $tension = $this->rig->likely(RigPrior::TENSION);
        $terms = [new Term('The middle setting is taken to bend the bars by', Length::ofMillimetres($tension))];
        foreach ($this->adjusters->all() as $adjuster) {
            $steps = $chance->setting->step($adjuster->key) - $this->reference->step($adjuster->key);
            $worth = $this->adjusters->tensionBetween($this->reference, $this->reference->with($adjuster->key, $chance->setting->step($adjuster->key)), $this->rig->known()->barArm);
            if ($adjuster->role !== Role::HeadHeight) {
                $terms[] = new Term(sprintf('%s, %+g from its middle', ucfirst($adjuster->key), $steps), Length::ofMillimetres($worth));
            }
        }
        $terms[] = new Term('Front axle load put back', $chance->share->mean());
        $tensionOffset = $this->adjusters->tensionBetween($this->reference, $chance->setting, $this->rig->known()->barArm);
        $doubts = $this->rig->spread($this->ballOffset)->doubts(static fn (CoupledRig $rig, float $at): float => $rig->carried($at + $tensionOffset)->frontRestored());
        foreach ($doubts as $parameter => $doubt) {
            $terms[] = new Term('Doubt of it by parameter '.$parameter.', ±', $doubt);
        }

        return $terms;
    }

    private function awkward(FirstChance $chance): float
    {
        return $this->offMiddle($chance->setting) + abs($chance->fromParallel?->degrees() ?? 0.0) / (2 * self::AWRY_DEGREES);
    }

    /** How far tension and tilt stand from their middles, as shares of their ranges; tilt counts half. */
    private function offMiddle(Setting $setting): float
    {
        return array_sum(array_map(
            static fn (Adjuster $adjuster): float => match ($adjuster->role) {
                Role::Tension => 1.0,
                Role::Tilt => 0.5,
                Role::HeadHeight => 0.0,
            } * abs($setting->step($adjuster->key) - $adjuster->range->middle()) / max(1.0, $adjuster->range->to - $adjuster->range->from),
            $this->adjusters->all(),
        ));
    }
}
