<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Bench\BenchPage;
use App\Screens\Bench\BenchQuery;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\CopiedHeight;
use App\UseCases\Forms\LevellingQuestion;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Yoke\Workshop\Procedure\Station;

/** The main screen: one job at one station. */
final class Bench
{
    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function resume(Asked $request, Job $job): RedirectResponse
    {
        $person = $request->person();
        $page = new BenchPage($this->analyses->of($job->load('marks')), $person);

        return redirect()->route('bench', [$job, $page->station->value]);
    }

    public function show(Asked $request, Job $job, Station $station): View
    {
        $person = $request->person();
        $job->load([
            'liveReadings.user',
            'marks.user',
            'rig',
            'rounds.user',
            'measures',
            'tickets',
            'tongueReadings',
            'checks.user',
            'roadDrives.user',
            'torques.user',
            'barTapings.user',
        ]);
        $page = new BenchPage($this->analyses->of($job), $person, $station, BenchQuery::asked($request));

        return view('bench.show', [
            'page' => $page,
            'copied' => new CopiedHeight(
                $request->typed(),
                $page->analysed->described->inPlace(),
                $person,
            ),
            'question' => new LevellingQuestion(
                $request->typed(),
                $page->rig->trailer->ballToAxle,
                $person,
                $page->analysed->described->sheets->frameMarksApart(),
            ),
        ]);
    }
}
