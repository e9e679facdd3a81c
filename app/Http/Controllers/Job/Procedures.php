<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\ProcedureRun;
use App\Screens\Procedures\ProcedurePage;
use App\UseCases\Procedures\TakeSteps;
use App\UseCases\Procedures\UnusableAnswer;
use App\Words\ExpectedWords;
use App\Words\ProcedureWords;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Date;
use Yoke\Workshop\Procedure\Exception\StepOutOfTurn;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\StepOutcome;

/** Procedures, run one step at a time; interrupted they wait where they were. */
final class Procedures
{
    public function __construct(private readonly TakeSteps $steps)
    {
    }

    public function show(Asked $request, Job $job, Occasion $occasion): View
    {
        return view('procedures.show', ['page' => $this->page($request, $job, $occasion)]);
    }

    public function paper(Asked $request, Job $job, Occasion $occasion): View
    {
        return view('procedures.paper', ['page' => $this->page($request, $job, $occasion)]);
    }

    /** All steps at once, to tick off: for where there is no connection. */
    public function list(Asked $request, Job $job, Occasion $occasion): View
    {
        return view('procedures.ticks', ['page' => $this->page($request, $job, $occasion)]);
    }

    /** Takes the ticked steps one after the other, in the order of the procedure, as far as they go without a gap. */
    public function ticked(Asked $request, Job $job, Occasion $occasion): RedirectResponse
    {
        try {
            $open = $this->steps->ticked(
                $request->person(),
                $job,
                $occasion,
                $request->lists('steps'),
                $request->lists('answers'),
            );
        } catch (UnusableAnswer) {
            abort(422, Text::of('expected.road.answer'));
        }
        if ($open === null) {
            $this->tellMinutes($request, $this->page($request, $job, $occasion)->over()[0] ?? null);

            return $this->back($job, $occasion);
        }

        return redirect()
            ->route('procedures.list', [$job, $occasion->value])
            ->withErrors(['step' => Text::of('procedure.not_ticked', ['step' => ProcedureWords::does($open)])]);
    }

    /** Takes the step whose turn it is: done, left out, or answered. */
    public function take(Asked $request, Job $job, Occasion $occasion): RedirectResponse
    {
        abort_if($this->page($request, $job, $occasion)->progress === null, 404);
        $outcome =
            StepOutcome::tryFrom($request->text('outcome') ?: StepOutcome::Done->value) ??
            abort(422, Text::of('expected.form.outcome'));
        try {
            $finished = $this->steps->take(
                $request->person(),
                $job,
                $occasion,
                $request->text('step'),
                $outcome,
                $request->text('answer'),
            );
        } catch (StepOutOfTurn $refused) {
            return $this->back($job, $occasion)->withErrors(['step' => ExpectedWords::of($refused->expected())]);
        } catch (UnusableAnswer) {
            abort(422, Text::of('expected.road.answer'));
        }
        $this->tellMinutes($request, $finished);

        return $this->back($job, $occasion);
    }

    /** Takes the last step back. */
    public function undo(Asked $request, Job $job, Occasion $occasion): RedirectResponse
    {
        $this->steps->undo($request->person(), $job, $occasion);

        return $this->back($job, $occasion);
    }

    /** A run left half done for good; it stays in the log. */
    public function giveUp(Asked $request, Job $job, Occasion $occasion): RedirectResponse
    {
        $this->steps->giveUp($request->person(), $job, $occasion);

        return $this->back($job, $occasion);
    }

    /** How long a run that just came to its end has taken. */
    private function tellMinutes(Asked $request, ?ProcedureRun $finished): void
    {
        if ($finished !== null) {
            $request->session()->flash('finished', (int) ceil($finished->started_at->diffInMinutes(Date::now())));
        }
    }

    private function back(Job $job, Occasion $occasion): RedirectResponse
    {
        return redirect()->route('procedures.show', [$job, $occasion->value]);
    }

    private function page(Asked $request, Job $job, Occasion $occasion): ProcedurePage
    {
        return new ProcedurePage(
            $job->load(['rig', 'rounds', 'procedureRuns.steps', 'procedureRuns.user']),
            $occasion,
            $request->person(),
        );
    }
}
