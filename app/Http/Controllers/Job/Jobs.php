<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Models\Job;
use App\Models\User;
use App\Screens\Job\DiagnosisPage;
use App\Screens\Job\NewJobPage;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Jobs\JobDraft;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Yoke\Procedure\Station;

final class Jobs
{
    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function create(Request $request): View
    {
        /** @var User $person */
        $person = $request->user();

        return view('jobs.create', ['page' => new NewJobPage($person)]);
    }

    public function store(Request $request): RedirectResponse
    {
        /** @var User $person */
        $person = $request->user();
        $draft = new JobDraft($request->except(['_token']), $person);
        if ($draft->problems() !== []) {
            return redirect()->route('jobs.create')->withInput(array_filter($request->except(['_token']), is_string(...)))->withErrors($draft->problems());
        }

        return redirect()->route('bench', [$draft->start(), Station::Brief->value]);
    }

    /** The plan on one sheet of paper. */
    public function plan(Request $request, Job $job): View
    {
        /** @var User $person */
        $person = $request->user();

        return view('plan.paper', ['job' => $job, 'plan' => PlanPage::ofJob($this->analyses->of($job), $person)]);
    }

    /** What is wrong with the rig as it is hooked up, the most dangerous first. */
    public function diagnosis(Request $request, Job $job): View
    {
        /** @var User $person */
        $person = $request->user();

        return view('jobs.diagnosis', ['page' => new DiagnosisPage($this->analyses->of($job->load('marks')), $person)]);
    }

    /** The job's tape log, every line of it. */
    public function log(Job $job): View
    {
        return view('jobs.log', ['job' => $job, 'readings' => $job->readings()->with(['user', 'successor'])->get()]);
    }
}
