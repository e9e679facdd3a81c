<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Parts\Axle;

/**
 * How far the front has to come, for a hitch whose settings nobody named, and what the tape has to show at any: heights
 * in
 * mm. The target is the middle of the range as it is when measured.
 */
final readonly class TensionAdvice
{
    private function __construct(
        public TensionDirection $direction,
        /** Front fender at the middle of the range. */
        public Normal $target,
        /** Rear fender there. */
        public Normal $rear,
        /**
         * Front fender at the upper edge of the range, and at the lower: the lowest and the highest height in range.
         */
        public float $lowest,
        public float $highest,
        /** How far the front has to come from where it stands, down negative; null before it is carried. */
        public ?float $toGo,
    ) {
    }

    public static function of(StanceEvaluator $stances, ?CurrentSetting $current): self
    {
        $offset = $current->ballOffset ?? 0.0;
        $forecast = $current === null ? null : $stances->at($current->tensionOffset, $offset, $current->hookUp);
        $lost = $forecast->quantities->lost ?? $stances->at(0.0, $offset)->quantities->lost;
        $band = $stances->goal->band->raisedBy($lost);
        $height = static fn (float $share): Normal => self::front($stances->posterior, $share, $offset);
        $target = $height($band->middle());
        $now =
            $current === null
                ? null
                : $stances->posterior->height(
                    Axle::Front,
                    static fn (CoupledRig $rig, float $tension): float => $rig
                        ->carried($tension + $current->tensionOffset)
                        ->frontRise()->millimetres(),
                    $offset,
                );
        $share = $forecast?->share()->mean();
        $direction = match (true) {
            $share === null => TensionDirection::More,
            $share < $band->from => TensionDirection::More,
            $share > $band->to => TensionDirection::Less,
            default => TensionDirection::None,
        };

        return new self(
            $direction,
            $target,
            self::rear($stances->posterior, $band->middle(), $offset),
            $height($band->to)->mean(),
            $height($band->from)->mean(),
            $now === null ? null : $target->mean() - $now->mean(),
        );
    }

    private static function front(Posterior $posterior, float $share, float $ballOffset): Normal
    {
        return $posterior->height(
            Axle::Front,
            static fn (CoupledRig $rig): float => $rig->taut($rig->tensionFor($share))->frontRise()->millimetres(),
            $ballOffset,
        );
    }

    private static function rear(Posterior $posterior, float $share, float $ballOffset): Normal
    {
        return $posterior->height(
            Axle::Rear,
            static fn (CoupledRig $rig): float => $rig->taut($rig->tensionFor($share))->rearRise()->millimetres(),
            $ballOffset,
        );
    }
}
