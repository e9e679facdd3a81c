<?php

declare(strict_types=1);

namespace Yoke\Judgement\Head;

/** What one school says of the ball's height over the level coupler: mm, lowest and highest. */
final readonly class BallHeightRule
{
    public function __construct(public string $key, public float $lowest, public float $highest)
    {
    }

    /** The height within it that is nearest to another. */
    public function nearest(float $ballOverCoupler): float
    {
        return max($this->lowest, min($this->highest, $ballOverCoupler));
    }

    public function holds(float $ballOverCoupler): bool
    {
        return $ballOverCoupler >= $this->lowest && $ballOverCoupler <= $this->highest;
    }
}
