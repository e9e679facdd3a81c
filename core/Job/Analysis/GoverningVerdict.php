<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Verdict;

/** The one verdict of a hook-up: by the method that governs, from all readings together. */
final readonly class GoverningVerdict
{
    public Verdict $verdict;

    /**
     * @param  Normal  $share  of the front axle load restored
     * @param  Normal  $quantity  of the governing method, in its own unit
     * @param  float  $lost  share that levelling takes back on the road
     * @param  TargetRange  $range  of the share, as it has to be when it is measured
     */
    public function __construct(
        public Criterion $criterion,
        public Normal $share,
        public Normal $quantity,
        public Chances $chances,
        public float $lost,
        public TargetRange $range,
    ) {
        $this->verdict = $chances->verdict();
    }

    /** The share that is left once levelling is on; the same without. */
    public function shareOnTheRoad(): Normal
    {
        return Normal::of(max(0.0, $this->share->mean() - $this->lost), $this->share->deviation());
    }
}
