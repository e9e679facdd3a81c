<?php

declare(strict_types=1);

namespace Yoke\Judgement\Head;

use Yoke\Foundation\Units\Length;

/** What one school says of the ball's height over the level coupler: mm, lowest and highest. */
final readonly class BallHeightRule
{
    public function __construct(public string $key, public Length $lowest, public Length $highest)
    {
    }

    /** The height within it that is nearest to another. */
    public function nearest(Length $ballOverCoupler): Length
    {
        return match (true) {
            $ballOverCoupler->isLessThan($this->lowest) => $this->lowest,
            $ballOverCoupler->isGreaterThan($this->highest) => $this->highest,
            default => $ballOverCoupler,
        };
    }

    public function holds(Length $ballOverCoupler): bool
    {
        return ! $ballOverCoupler->isLessThan($this->lowest) && ! $ballOverCoupler->isGreaterThan($this->highest);
    }
}
