<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Learning;

use Yoke\Proving\Practice\Exercise\Level;

/** A run that is over, as far as learning goes. */
final readonly class PracticeResult
{
    private const PASSED = 60;

    /**
     * @param  int  $day  counted from any day that stays the same
     * @param  array<string, bool>  $shown  by skill and by fault
     */
    public function __construct(public int $day, public Level $level, public int $points, public array $shown)
    {
    }

    /** In range, with enough points, and nothing that was wrong left unseen or as it was. */
    public function isPassed(): bool
    {
        foreach ($this->shown as $key => $isWell) {
            if (! $isWell && Skill::fault($key) !== null) {
                return false;
            }
        }

        return $this->points >= self::PASSED && ($this->shown[Skill::ReachTheRange->value] ?? false);
    }
}
