<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Models\Job;
use App\Models\User;
use App\Screens\Bench\BenchPage;
use App\Screens\Bench\Look;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\LevellingQuestion;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Yoke\Procedure\Station;

/** The main screen: one job at one station. */
final class Bench
{
    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function resume(Request $request, Job $job): RedirectResponse
    {
        /** @var User $person */
        $person = $request->user();
        $page = new BenchPage($this->analyses->of($job->load('marks')), $person);

        return redirect()->route('bench', [$job, $page->station->value]);
    }

    public function show(Request $request, Job $job, Station $station): View
    {
        /** @var User $person */
        $person = $request->user();
        $job->load(['liveReadings.user', 'marks.user', 'rig', 'rounds.user', 'measures', 'tickets', 'tongueReadings', 'checks.user', 'roadDrives.user', 'torques.user']);
        $page = new BenchPage($this->analyses->of($job), $person, $station, Look::asked($request));
        /** @var array<string, string> $typed */
        $typed = array_filter($request->query->all(), is_string(...));

        return view('bench.show', ['page' => $page, 'question' => new LevellingQuestion($typed, $page->rig->trailer->ballToAxle, $person, $page->analysed->described->frameMarksApart())]);
    }
}
