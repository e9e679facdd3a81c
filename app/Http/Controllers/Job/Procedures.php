<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\ProcedureRun;
use App\Screens\Procedures\ProcedurePage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Yoke\Procedure\Exception\StepOutOfTurn;
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
            return $refused->getMessage();
        }

        return '';
    }

    /** @throws StepOutOfTurn */
    private function step(Asked $request, Job $job, Occasion $occasion): void
    {
        $job->takeTurn();
        $page = $this->page($job, $occasion);
        $progress = $page->progress ?? abort(404);
        $outcome = StepOutcome::tryFrom($request->text('outcome') ?: StepOutcome::Done->value) ?? abort(422, 'Expected done or left out.');
        $step = $progress->check($request->text('step'), $outcome);
        $run = $page->run ?? $this->begin($request, $job, $occasion);
        $this->answer($request, $run, $step);
        $run->steps()->create(['step' => $step->key, 'outcome' => $outcome, 'user_id' => $request->person()->id, 'at' => Date::now()]);
        if ($this->page($job, $occasion)->progress?->current() === null) {
            $run->update(['finished_at' => Date::now()]);
            $request->session()->flash('finished', (int) ceil($run->started_at->diffInMinutes(Date::now())));
        }
    }

    private function answer(Asked $request, ProcedureRun $run, Step $step): void
    {
        if ($step->asks !== null) {
            $answer = $request->text('answer');
            abort_if(! in_array($answer, $step->asks->answers(), true), 422, 'Expected one of the answers.');
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
