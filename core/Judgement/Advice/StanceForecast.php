<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\StanceQuantities;
use Yoke\Mechanics\Statics\Attitude;

/** What the bars do at a tension, as far as the rig is known. */
final readonly class StanceForecast
{
    /**
     * @param  Attitude  $carried  of the mean rig
     * @param  Chances  $chances  by the method that governs
     * @param  float  $over  chance that the front is heavier than it may ever be, 0 to 1
     * @param  non-empty-list<float>  $byStory  chance to be in range and not over, by each story of the readings
     */
    public function __construct(
        public Attitude $carried,
        public StanceQuantities $quantities,
        public Chances $chances,
        public float $over,
        public array $byStory,
    ) {
    }

    /** Of the front axle load restored: slack bars restore nothing. */
    public function share(): Normal
    {
        return Normal::of(max(0.0, $this->quantities->share->mean()), $this->quantities->share->deviation());
    }

    /** The share of it that is left on the road. */
    public function shareOnTheRoad(): Normal
    {
        return Normal::of(max(0.0, $this->share()->mean() - $this->quantities->lost), $this->share()->deviation());
    }

    /** The governing method's quantity. */
    public function quantity(): Normal
    {
        return $this->quantities->quantity;
    }
}
