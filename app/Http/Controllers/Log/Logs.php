<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Models\Job;
use App\Models\LoadState;
use App\Models\Rig;
use App\Models\User;
use App\Screens\Log\ReturnVisit;
use App\Screens\Log\RigLog;
use App\Screens\Log\Search;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\TypedParts;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Yoke\Rig\Check\CollectProblems;

/** The log: every job, searched; the history of a rig; and the visit of a rig that comes back. */
final class Logs
{
    private const LAST_PAGE = 100_000;

    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function index(Request $request): View
    {
        return view('log.index', ['search' => new Search(mb_substr(trim($this->text($request, 'find')), 0, Search::LONGEST), min(self::LAST_PAGE, max(1, $request->integer('page', 1))), $request->boolean('open'))]);
    }

    public function show(Request $request, Rig $rig): View
    {
        $rig->load(['vehicle', 'trailer', 'hitch', 'loadStates']);

        return view('log.rig', ['log' => new RigLog($rig, $this->person($request), $this->analyses, max(0, $request->integer('skip')))]);
    }

    /** What a return visit of a job's rig would start at, in the load state that is asked for. */
    public function visit(Request $request, Job $job): View
    {
        $job->load(['rig.loadStates', 'rig.vehicle', 'rig.trailer', 'rig.hitch']);
        $state = $this->state($request, $job);

        return view('log.visit', ['job' => $job, 'state' => $state, 'visit' => new ReturnVisit($job, $state, $this->person($request), $this->analyses)]);
    }

    public function begin(Request $request, Job $job): RedirectResponse
    {
        $problems = new CollectProblems;
        $title = (new TypedParts($request->only('title'), $this->person($request), $problems))->name('title');
        if ($problems->sentences() !== []) {
            return redirect()->route('log.visit', [$job, 'state' => $this->text($request, 'state')])->withInput($request->only('title'))->withErrors($problems->sentences());
        }

        return redirect()->route('jobs.resume', (new ReturnVisit($job, $this->state($request, $job), $this->person($request), $this->analyses))->begin($title));
    }

    /** Null: as last time. */
    private function state(Request $request, Job $job): ?LoadState
    {
        $asked = $this->text($request, 'state');

        return $job->rig->loadStates->first(static fn (LoadState $state): bool => $state->key() === $asked);
    }

    /** What was asked, or an empty text where that is no text. */
    private function text(Request $request, string $name): string
    {
        $asked = $request->input($name);

        return is_string($asked) ? $asked : '';
    }

    private function person(Request $request): User
    {
        /** @var User */
        return $request->user();
    }
}
