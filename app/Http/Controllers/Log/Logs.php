<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\LoadState;
use App\Models\Rig;
use App\Screens\Log\ReturnVisit;
use App\Screens\Log\RigLog;
use App\Screens\Log\Search;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\TypedParts;
use App\Words\ExpectedWords;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Yoke\Rig\Parts\Check\CollectProblems;

/** The log: every job, searched; the history of a rig; and the visit of a rig that comes back. */
final class Logs
{
    private const LAST_PAGE = 100_000;

    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function index(Asked $request): View
    {
        return view('log.index', [
            'search' => new Search(
                mb_substr(trim($request->text('find')), 0, Search::LONGEST),
                $request->whole('page', 1, self::LAST_PAGE),
                $request->boolean('open'),
            ),
        ]);
    }

    public function show(Asked $request, Rig $rig): View
    {
        $rig->load(['vehicle', 'trailer', 'hitch', 'loadStates']);

        return view('log.rig', [
            'log' => new RigLog($rig, $request->person(), $this->analyses, $request->whole('skip')),
        ]);
    }

    /** What a return visit of a job's rig would start at, in the load state that is asked for. */
    public function visit(Asked $request, Job $job): View
    {
        $job->load(['rig.loadStates', 'rig.vehicle', 'rig.trailer', 'rig.hitch']);
        $state = $this->state($request, $job);

        return view('log.visit', [
            'job' => $job,
            'state' => $state,
            'visit' => new ReturnVisit($job, $state, $request->person(), $this->analyses),
        ]);
    }

    public function begin(Asked $request, Job $job): RedirectResponse
    {
        $problems = new CollectProblems();
        $title = (new TypedParts($request->texts(['title']), $request->person(), $problems))->name('title');
        if (! $problems->isEmpty()) {
            return redirect()
                ->route('log.visit', [$job, 'state' => $request->text('state')])
                ->withInput($request->texts(['title']))
                ->withErrors(ExpectedWords::each($problems->all()));
        }

        return redirect()->route(
            'jobs.resume',
            (new ReturnVisit($job, $this->state($request, $job), $request->person(), $this->analyses))->begin($title),
        );
    }

    /** Null: as last time. */
    private function state(Asked $request, Job $job): ?LoadState
    {
        $asked = $request->text('state');

        return $job->rig->loadStates->first(static fn (LoadState $state): bool => $state->key() === $asked);
    }
}
