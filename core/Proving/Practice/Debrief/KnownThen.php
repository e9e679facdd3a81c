<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Debrief;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\Verdict;
use Yoke\Proving\Practice\Exercise\HitchPlace;

/** What the readings told once a hook-up was taped, beside what was true of it then. */
final readonly class KnownThen
{
    /**
     * @param  int  $act  after which act, from 1
     * @param  Normal  $share  that was knowable
     * @param  float  $truly  as the rig stood, the faults that were there among it
     */
    public function __construct(
        public int $act,
        public int $hookUp,
        public HitchPlace $hitch,
        public Normal $share,
        public Verdict $verdict,
        public float $truly,
    ) {
    }
}
