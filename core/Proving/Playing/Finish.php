<?php

declare(strict_types=1);

namespace Yoke\Proving\Playing;

use Yoke\Judgement\Method\TargetRange;

/** How a rig was left. */
final readonly class Finish
{
    private function __construct(
        /** Settings hooked up, the first among them. */
        public int $hookUps,
        public float $minutes,
        /** Of the front axle load truly restored. */
        public float $share,
        public bool $isInRange,
    ) {
    }

    public static function of(int $hookUps, float $minutes, float $share, TargetRange $range): self
    {
        return new self($hookUps, $minutes, $share, $range->holds($share));
    }

    public function isOver(): bool
    {
        return $this->share > 1.0;
    }
}
