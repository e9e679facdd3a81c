<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;

/** What a hitch's sheet says of how stiff one bar is, or one chain in place of bars. */
final readonly class BarStiffness
{
    private function __construct(
        /** Of one bar at its hook-up point, kg/mm; null where the sheet does not give it. */
        private ?float $rate,
        /** What one bar, or the pair as makers give it, is made for, kg; null where nobody typed it. */
        private ?float $rating,
        /** By how far the tongue weight stretches or bends it where neither is known, mm. */
        private float $bend,
    ) {
    }

    /** @param  float  $rate  kg/mm */
    public static function ofRate(float $rate): self
    {
        return new self($rate, null, UsualRig::BAR_BEND_MM);
    }

    /** @param  float  $rating  kg */
    public static function ofRating(float $rating): self
    {
        return new self(null, $rating, UsualRig::BAR_BEND_MM);
    }

    /** As the tongue weight asks for. */
    public static function unknown(): self
    {
        return new self(null, null, UsualRig::BAR_BEND_MM);
    }

    public static function ofChains(): self
    {
        return new self(null, null, UsualRig::CHAIN_STRETCH_MM);
    }

    /**
     * kg/mm.
     *
     * @param  float  $tongueWeight  kg
     */
    public function rate(float $tongueWeight, PriorDoubts $doubts, LearnedPriors $learned): LogNormal
    {
        return match (true) {
            $this->rate !== null => new LogNormal($this->rate, $doubts->barRateFromSheet),
            $this->rating !== null => $learned->share(
                'bar_rate',
                new LogNormal($this->rating / $this->bend, $doubts->barRate),
            ),
            default => new LogNormal(
                $tongueWeight / $this->bend,
                $this->bend === UsualRig::CHAIN_STRETCH_MM ? $doubts->chainRate : $doubts->barRateUnrated,
            ),
        };
    }
}
