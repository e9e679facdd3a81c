<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\ProcedureRun;
use App\Screens\Procedures\ProcedurePage;
use App\Words\ExpectedWords;
use App\Words\ProcedureWords;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Yoke\Procedure\Exception\StepOutOfTurn;
use Yoke\Procedure\Need;
use Yoke\Procedure\Occasion;
use Yoke\Procedure\Step;
use Yoke\Procedure\StepOutcome;

/** Procedures, run one step at a time; interrupted they wait where they were. */
final class Procedures
{
    public function show(Job $job, Occasion $occasion): View
    {
        return view('procedures.show', ['page' => $this->page($job, $occasion)]);
    }

    public function paper(Job $job, Occasion $occasion): View
    {
        return view('procedures.paper', ['page' => $this->page($job, $occasion)]);
    }

    /** All steps at once, to tick off: for where there is no connection. */
    public function list(Job $job, Occasion $occasion): View
    {
        return view('procedures.ticks', ['page' => $this->page($job, $occasion)]);
    }

    /** Takes the ticked steps one after the other, in the order of the procedure, as far as they go without a gap. */
    public function ticked(Asked $request, Job $job, Occasion $occasion): RedirectResponse
    {
        $ticked = $request->lists('steps');
        $answers = $request->lists('answers');
        $refused = DB::transaction(function () use ($request, $job, $occasion, $ticked, $answers): string {
            do {
                $step = $this->page($job->refresh(), $occasion)->progress?->current();
                $outcome = $step === null ? null : self::outcomeOf($step, $ticked, $answers);
                if ($step === null || $outcome === null) {
                    return $step === null ? '' : Text::of('procedure.not_ticked', ['step' => ProcedureWords::does($step)]);
                }
                $request->merge(['step' => $step->key, 'answer' => $answers[$step->key] ?? '', 'outcome' => $outcome->value]);
            } while (! $this->step($request, $job, $occasion));

            return '';
        });

        return $refused === '' ? $this->back($job, $occasion) : redirect()->route('procedures.list', [$job, $occasion->value])->withErrors(['step' => $refused]);
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
            $step->asks !== null => in_array($answers[$step->key] ?? '', $step->asks->answers(), true) ? StepOutcome::Done : null,
            in_array($step->key, $ticked, true) => StepOutcome::Done,
            default => $step->need === Need::May ? StepOutcome::LeftOut : null,
        };
    }

    /** Takes the step whose turn it is: done, left out, or answered. */
    public function take(Asked $request, Job $job, Occasion $occasion): RedirectResponse
    {
        $refused = DB::transaction(fn (): string => $this->attempt($request, $job, $occasion));
        $back = $this->back($job, $occasion);

        return $refused === '' ? $back : $back->withErrors(['step' => $refused]);
    }

    /** Takes the last step back. */
    public function undo(Job $job, Occasion $occasion): RedirectResponse
    {
        DB::transaction(function () use ($job, $occasion): void {
            $job->takeTurn();
            $page = $this->page($job, $occasion);
            $page->run?->steps()->where('step', $page->progress?->last()?->key)->delete();
        });

        return $this->back($job, $occasion);
    }

    /** A run left half done for good; it stays in the log. */
    public function giveUp(Job $job, Occasion $occasion): RedirectResponse
    {
        $this->page($job, $occasion)->run?->update(['given_up_at' => Date::now()]);

        return $this->back($job, $occasion);
    }

    /** Why the step was not taken, or an empty text. */
    private function attempt(Asked $request, Job $job, Occasion $occasion): string
    {
        try {
            $this->step($request, $job, $occasion);
        } catch (StepOutOfTurn $refused) {
            return ExpectedWords::of($refused->expected());
        }

        return '';
    }

    /**
     * Whether it was the last one.
     *
     * @throws StepOutOfTurn
     */
    private function step(Asked $request, Job $job, Occasion $occasion): bool
    {
        $job->takeTurn();
        $page = $this->page($job, $occasion);
        $progress = $page->progress ?? abort(404);
        $outcome = StepOutcome::tryFrom($request->text('outcome') ?: StepOutcome::Done->value) ?? abort(422, Text::of('expected.form.outcome'));
        $step = $progress->check($request->text('step'), $outcome);
        $run = $page->run ?? $this->begin($request, $job, $occasion);
        $this->answer($request, $run, $step);
        $run->steps()->create(['step' => $step->key, 'outcome' => $outcome, 'user_id' => $request->person()->id, 'at' => Date::now()]);
        $isOver = $this->page($job, $occasion)->progress?->current() === null;
        if ($isOver) {
            $run->update(['finished_at' => Date::now()]);
            $request->session()->flash('finished', (int) ceil($run->started_at->diffInMinutes(Date::now())));
        }

        return $isOver;
    }

    private function answer(Asked $request, ProcedureRun $run, Step $step): void
    {
        if ($step->asks !== null) {
            $answer = $request->text('answer');
            abort_if(! in_array($answer, $step->asks->answers(), true), 422, Text::of('expected.road.answer'));
            $run->update(['answers' => [...$run->answers, $step->asks->value => $answer]]);
        }
    }

    private function begin(Asked $request, Job $job, Occasion $occasion): ProcedureRun
    {
        return $job->procedureRuns()->create(['occasion' => $occasion, 'user_id' => $request->person()->id, 'started_at' => Date::now()]);
    }

    private function back(Job $job, Occasion $occasion): RedirectResponse
    {
        return redirect()->route('procedures.show', [$job, $occasion->value]);
    }

    private function page(Job $job, Occasion $occasion): ProcedurePage
    {
        return new ProcedurePage($job->load(['rig', 'rounds', 'procedureRuns.steps', 'procedureRuns.user']), $occasion);
    }
}
