<?php

declare(strict_types=1);

namespace App\UseCases\Procedures;

use App\Models\Job;
use App\Models\ProcedureRun;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use Illuminate\Support\Facades\Date;
use Yoke\Workshop\Procedure\Exception\StepOutOfTurn;
use Yoke\Workshop\Procedure\Need;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\Step;
use Yoke\Workshop\Procedure\StepOutcome;

/** Runs procedures one step at a time; interrupted they wait where they were. */
final readonly class TakeSteps
{
    public function __construct(private WritingDoor $door)
    {
    }

    /**
     * Takes the step whose turn it is: done, left out, or answered.
     *
     * @param  string  $answer  of a step that asks
     * @return ProcedureRun|null the run, where this was its last step
     *
     * @throws StepOutOfTurn
     * @throws UnusableAnswer
     */
    public function take(
        User $person,
        Job $job,
        Occasion $occasion,
        string $step,
        StepOutcome $outcome,
        string $answer,
    ): ?ProcedureRun {
        return $this->door->onJob(
            $person,
            $job,
            static fn (): ?ProcedureRun => self::step($person, $job, $occasion, $step, $outcome, $answer),
        );
    }

    /**
     * Takes the ticked steps one after the other, in the order of the procedure, as far as they go without a gap.
     *
     * @param  array<array-key, string>  $ticked  steps
     * @param  array<array-key, string>  $answers  by step
     * @return Step|null the first that was not ticked; null where the run came to its end
     *
     * @throws StepOutOfTurn
     * @throws UnusableAnswer
     */
    public function ticked(User $person, Job $job, Occasion $occasion, array $ticked, array $answers): ?Step
    {
        return $this->door->onJob($person, $job, static function () use (
            $person,
            $job,
            $occasion,
            $ticked,
            $answers,
        ): ?Step {
            do {
                $step = self::running($job, $occasion)->progress?->current();
                $outcome = $step === null ? null : self::outcomeOf($step, $ticked, $answers);
                if ($step === null || $outcome === null) {
                    return $step;
                }
                $last = self::step($person, $job, $occasion, $step->key, $outcome, $answers[$step->key] ?? '');
            } while ($last === null);

            return null;
        });
    }

    /** Takes the last step back. */
    public function undo(User $person, Job $job, Occasion $occasion): void
    {
        $this->door->onJob($person, $job, static function () use ($job, $occasion): void {
            $running = self::running($job, $occasion);
            $running->run
                ?->steps()
                ->where('step', $running->progress?->last()?->key)
                ->delete();
        });
    }

    /** A run left half done for good; it stays in the log. */
    public function giveUp(User $person, Job $job, Occasion $occasion): void
    {
        $this->door->onJob(
            $person,
            $job,
            static fn () => self::running($job, $occasion)->run?->update(['given_up_at' => Date::now()]),
        );
    }

    /**
     * @throws StepOutOfTurn
     * @throws UnusableAnswer
     */
    private static function step(
        User $person,
        Job $job,
        Occasion $occasion,
        string $key,
        StepOutcome $outcome,
        string $answer,
    ): ?ProcedureRun {
        $running = self::running($job, $occasion);
        $step = ($running->progress ?? throw StepOutOfTurn::of($key))->check($key, $outcome);
        if ($step->asks !== null && ! in_array($answer, $step->asks->answers(), true)) {
            throw new UnusableAnswer();
        }
        $run = $running->run ?? self::begin($person, $job, $occasion);
        if ($step->asks !== null) {
            $run->update(['answers' => [...$run->answers, $step->asks->value => $answer]]);
        }
        $run->steps()->create([
            'step' => $step->key,
            'outcome' => $outcome,
            'user_id' => $person->id,
            'at' => Date::now(),
        ]);
        $isOver = self::running($job, $occasion)->progress?->current() === null;
        if ($isOver) {
            $run->update(['finished_at' => Date::now()]);
        }

        return $isOver ? $run : null;
    }

    private static function begin(User $person, Job $job, Occasion $occasion): ProcedureRun
    {
        return $job
            ->procedureRuns()
            ->create(['occasion' => $occasion, 'user_id' => $person->id, 'started_at' => Date::now()]);
    }

    /**
     * What became of a step in a list of ticks; null where it is still to be done.
     *
     * @param  array<array-key, string>  $ticked
     * @param  array<array-key, string>  $answers  by step
     */
    private static function outcomeOf(Step $step, array $ticked, array $answers): ?StepOutcome
    {
        return match (true) {
            $step->asks !== null => in_array($answers[$step->key] ?? '', $step->asks->answers(), true)
                ? StepOutcome::Done
                : null,
            in_array($step->key, $ticked, true) => StepOutcome::Done,
            default => $step->need === Need::May ? StepOutcome::LeftOut : null,
        };
    }

    private static function running(Job $job, Occasion $occasion): RunningProcedure
    {
        return new RunningProcedure($job->load('procedureRuns.steps'), $occasion);
    }
}
