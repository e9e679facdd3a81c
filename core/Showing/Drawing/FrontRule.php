<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

use Yoke\Judgement\Method\RestorationTargets;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/**
 * The front fender's way back laid along a rule: the dropped height at the left, its alone height (full return)
 * towards the right, the shop's band between, and the carried height with its doubt. Places are percents of the rule.
 */
final readonly class FrontRule
{
    private const DROPPED_AT = 12.0;

    private const FULL_RETURN_AT = 78.0;

    private function __construct(
        private StanceHeights $heights,
        private RestorationTargets $targets,
        private TargetRange $band,
    ) {
    }

    /** Null until the front is taped alone and dropped, and has risen. */
    public static function of(StanceHeights $heights, TargetRange $band): ?self
    {
        $targets = RestorationTargets::from($heights);

        return $targets === null ? null : new self($heights, $targets, $band);
    }

    public function dropped(): float
    {
        return self::DROPPED_AT;
    }

    public function halfway(): float
    {
        return $this->place(0.5);
    }

    public function fullReturn(): float
    {
        return self::FULL_RETURN_AT;
    }

    /** @return array{from: float, to: float} */
    public function band(): array
    {
        return ['from' => $this->place($this->band->from), 'to' => $this->place($this->band->to)];
    }

    /** @return array{at: float, from: float, to: float}|null the carried height and one deviation either side */
    public function carried(): ?array
    {
        $carried = $this->heights->at(Stance::Carried, Axle::Front);
        if ($carried === null) {
            return null;
        }
        $rise = $this->targets->at(0.0)->minus($this->targets->at(1.0))->millimetres();
        $share = $this->targets->at(0.0)->minus($carried->height())->millimetres() / $rise;
        $doubt = $carried->doubt()->millimetres() / $rise;

        return [
            'at' => $this->place($share),
            'from' => $this->place($share - $doubt),
            'to' => $this->place($share + $doubt),
        ];
    }

    /** Kept on the rule at either end. */
    private function place(float $share): float
    {
        return round(max(1.0, min(99.0, self::DROPPED_AT + $share * (self::FULL_RETURN_AT - self::DROPPED_AT))), 2);
    }
}
