<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Foundation\Probability\Normal;

/** What a method judges a carried stance by. */
final readonly class StanceQuantities
{
    /**
     * @param  Normal  $quantity  the method's own
     * @param  Normal  $share  of the front axle load restored; below 0 for bars that hang slack
     * @param  Normal  $bend  of the bars at their hook-up point, mm; below 0 for slack bars
     * @param  float  $lost  share that levelling takes back later
     */
    public function __construct(
        public Normal $quantity,
        public Normal $share,
        public Normal $bend,
        public float $lost,
        public float $ceiling,
    ) {
    }

    /** Of a share that an instrument says by itself, which stands for the rest. */
    public static function ofShare(Normal $share, float $lost, float $ceiling): self
    {
        return new self($share, $share, $share, $lost, $ceiling);
    }

    /** Chance that the front is heavier than it may ever be. */
    public function over(): float
    {
        return 1.0 - $this->share->chanceBelow($this->ceiling);
    }
}
