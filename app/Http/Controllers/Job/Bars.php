<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\BarTaping;
use App\Models\Job;
use App\Screens\Bench\BarsPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\FourHeightsForm;
use App\UseCases\Tape\TapeBars;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Yoke\Workshop\Procedure\Station;

/** Takes the four heights of a hitch before anything is coupled, or that they are skipped. */
final class Bars
{
    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function show(Asked $request, Job $job): View
    {
        return view('bars.show', ['page' => $this->page($request, $job, $job->barTapings->last())]);
    }

    public function preview(Asked $request, Job $job): JsonResponse
    {
        $form = $this->form($request, $job);
        $taping = $form->read();
        $typed = array_filter($request->typed(), static fn (string $text): bool => $text !== '');

        return response()->json([
            'problems' => (object) array_intersect_key($form->problems(), $typed),
            'parts' => [
                'effect' => view('bars.effect', [
                    'page' => $this->page($request, $job, $taping ?? $job->barTapings->last()),
                ])->render(),
            ],
        ]);
    }

    public function store(Asked $request, TapeBars $tape, Job $job): RedirectResponse
    {
        $form = $this->form($request, $job);
        $taping = $form->read();
        if ($taping === null) {
            return redirect()->route('bars', $job)->withInput($request->typed())->withErrors($form->problems());
        }
        $tape->taped($request->person(), $job, $taping);

        return redirect()->route('bench', [$job, Station::Brackets->value]);
    }

    public function skip(Asked $request, TapeBars $tape, Job $job): RedirectResponse
    {
        $tape->skipped($request->person(), $job);

        return redirect()->route('bench', [$job, Station::Brackets->value]);
    }

    /** What stood before counts again. */
    public function undo(Asked $request, TapeBars $tape, Job $job): RedirectResponse
    {
        $tape->takenBack($request->person(), $job);

        return redirect()->route('bench', [$job, Station::Brackets->value]);
    }

    private function form(Asked $request, Job $job): FourHeightsForm
    {
        $described = $job->rigAsWorked()->specified();
        $adjusters = $described->adjusters() ?? abort(404);
        $family = $described->family() ?? abort(404);
        abort_unless($family->hasBars(), 404);

        return new FourHeightsForm($request->typed(), $adjusters, $family->facts()->takeUp, $request->person());
    }

    private function page(Asked $request, Job $job, ?BarTaping $taping): BarsPage
    {
        return new BarsPage($job, $this->analyses, $request->person(), $taping);
    }
}
