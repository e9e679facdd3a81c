<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Debrief;

use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Run\Run;

/** What became of one thing that was wrong. */
final readonly class FaultReview
{
    private function __construct(public Fault $fault, public bool $isFound, public bool $isPutRight)
    {
    }

    public static function of(Run $run, Fault $fault): self
    {
        $isFound = in_array($fault, $run->found(), true);
        $result = RunResult::of($run);
        $isGone = match ($fault) {
            Fault::BarsStraight, Fault::OverRestored => $result->isDone(),
            Fault::BallTooLow => ! $run->exercise->isBallLow($run->situation()->hitch),
            default => ! in_array($fault, $run->situation()->faults, true),
        };

        return new self($fault, $isFound || ($isGone && $fault->remedy() === null), $isGone);
    }
}
