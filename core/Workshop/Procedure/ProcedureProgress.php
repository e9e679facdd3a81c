<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

use Yoke\Workshop\Procedure\Exception\StepOutOfTurn;

/** How far a procedure has come: steps are taken in order, and what must be done is not left out. */
final readonly class ProcedureProgress
{
    /**
     * @param  non-empty-list<Step>  $steps
     * @param  array<string, StepOutcome>  $outcomes  by step; of steps that an answer has taken out since, too
     */
    public function __construct(public array $steps, private array $outcomes)
    {
    }

    /** The step whose turn it is; null once all are taken. */
    public function current(): ?Step
    {
        foreach ($this->steps as $step) {
            if (! isset($this->outcomes[$step->key])) {
                return $step;
            }
        }

        return null;
    }

    /** How many are taken. */
    public function taken(): int
    {
        return count(array_filter($this->steps, fn (Step $step): bool => isset($this->outcomes[$step->key])));
    }

    /** The step taken last of those that come before the current one; null at the start. */
    public function last(): ?Step
    {
        $last = null;
        foreach ($this->steps as $step) {
            if (! isset($this->outcomes[$step->key])) {
                break;
            }
            $last = $step;
        }

        return $last;
    }

    public function outcome(Step $step): ?StepOutcome
    {
        return $this->outcomes[$step->key] ?? null;
    }

    /** @throws StepOutOfTurn when it is not this step's turn, or it must not be left out */
    public function check(string $key, StepOutcome $outcome): Step
    {
        $current = $this->current();
        if ($current === null || $current->key !== $key) {
            throw StepOutOfTurn::of($key);
        }
        if ($outcome === StepOutcome::LeftOut && $current->need === Need::Must) {
            throw StepOutOfTurn::mustBeDone($current);
        }

        return $current;
    }
}
