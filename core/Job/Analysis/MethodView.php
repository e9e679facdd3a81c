<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\Verdict;

/** What one method makes of the hook-up that is on, by all the readings together. */
final readonly class MethodView
{
    public Verdict $verdict;

    /**
     * @param  Normal|null  $value  in the unit a person reads: a share, mm, or kg on the ball; null where nothing it
     *     looks at was read and it does not govern
     * @param  float  $bend  of the bars, mm
     * @param  Load|null  $target  of the ball load
     */
    public function __construct(
        public Criterion $criterion,
        public ?Normal $value,
        public ?Chances $chances,
        public float $bend,
        public ?Load $target = null,
    ) {
        $this->verdict = $chances?->verdict() ?? Verdict::Waiting;
    }
}
