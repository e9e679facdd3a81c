<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Weigh\TonguePage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\TongueForm;
use App\UseCases\Weighing\RecordTongueWeight;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The tongue weight of a job's trailer, by whatever is at hand. */
final class Tongue
{
    public function show(Asked $request, Job $job, JobAnalyses $analyses): View
    {
        return view('weigh.tongue', [
            'page' => new TonguePage($analyses->of($job->load('tongueReadings.user')), $request->person()),
        ]);
    }

    public function store(
        Asked $request,
        RecordTongueWeight $weights,
        JobAnalyses $analyses,
        Job $job,
    ): RedirectResponse {
        $typed = $request->typed();
        $form = new TongueForm($typed, $analyses->of($job)->rig, $request->person());
        $reading = $form->read();
        if ($reading === null) {
            return redirect()->route('tongue', $job)->withInput($typed)->withErrors($form->problems());
        }
        $weights->kept($request->person(), $job, $reading);

        return redirect()
            ->route('tongue', $job)
            ->with('saved', Text::of('screen.tongue.reading_saved_it_counts_together'));
    }

    public function withdraw(Asked $request, RecordTongueWeight $weights, Job $job, int $reading): RedirectResponse
    {
        $weights->withdrawn($request->person(), $job, $reading);

        return redirect()->route('tongue', $job)->with('saved', Text::of('screen.tongue.deleted_it_stays_in_the'));
    }
}
