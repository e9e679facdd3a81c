<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Job\DiagnosisPage;
use App\Screens\Job\NewJobPage;
use App\Screens\Job\TakeOverPage;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Jobs\JobDraft;
use App\UseCases\Jobs\NewJob;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Yoke\Job\Shop\ShopSettings;
use Yoke\Workshop\Procedure\Station;

final class Jobs
{
    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function create(Asked $request): View
    {
        $person = $request->person();

        return view('jobs.create', ['page' => new NewJobPage($person)]);
    }

    public function store(Asked $request, ShopSettings $settings, NewJob $jobs): RedirectResponse
    {
        $person = $request->person();
        $draft = new JobDraft($request->typed(), $person, $settings);
        if ($draft->problems() !== []) {
            return redirect()->route('jobs.create')->withInput($request->typed())->withErrors($draft->problems());
        }

        $job = $draft->start($jobs);

        return $job->arrived_coupled
            ? redirect()->route('take-over', $job)
            : redirect()->route('bench', [$job, Station::Alone->value]);
    }

    /**
     * A rig that arrived coupled, set by nobody knows whom: what to measure in which order, and the moves that follow.
     */
    public function takeOver(Asked $request, Job $job): View
    {
        return view('jobs.take-over', [
            'page' => new TakeOverPage($this->analyses->of($job->load('marks')), $request->person()),
        ]);
    }

    /** The plan on one sheet of paper. */
    public function plan(Asked $request, Job $job): View
    {
        $person = $request->person();

        return view('plan.paper', ['job' => $job, 'plan' => PlanPage::ofJob($this->analyses->of($job), $person)]);
    }

    /** What is wrong with the rig as it is hooked up, the most dangerous first. */
    public function diagnosis(Asked $request, Job $job): View
    {
        $person = $request->person();

        return view('jobs.diagnosis', ['page' => new DiagnosisPage($this->analyses->of($job->load('marks')), $person)]);
    }

    /** The job's tape log, every line of it. */
    public function log(Job $job): View
    {
        return view('jobs.log', [
            'job' => $job,
            'readings' => $job
                ->readings()
                ->with(['user', 'successor', 'import.user'])
                ->get(),
        ]);
    }
}
