<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Bench\GapPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\GapForm;
use App\UseCases\Tape\TapeGap;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Yoke\Workshop\Procedure\Station;

/** Takes the gap over the bars on the dropped rig, or that it is skipped. */
final class Gap
{
    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function show(Asked $request, Job $job): View
    {
        return view('bars.gap', ['page' => new GapPage($job, $this->analyses, $request->person())]);
    }

    public function preview(Asked $request, Job $job): JsonResponse
    {
        $form = $this->form($request, $job);
        $gap = $form->read();
        $typed = array_filter($request->typed(), static fn (string $text): bool => $text !== '');
        $page = new GapPage(
            $job,
            $this->analyses,
            $request->person(),
            $gap,
            $gap === null ? [] : $form->cautions($gap),
        );

        return response()->json([
            'problems' => (object) array_intersect_key($form->problems(), $typed),
            'parts' => ['effect' => view('bars.gap-effect', ['page' => $page])->render()],
        ]);
    }

    public function store(Asked $request, TapeGap $tape, Job $job): RedirectResponse
    {
        $form = $this->form($request, $job);
        $gap = $form->read();
        if ($gap === null) {
            return redirect()->route('gap', $job)->withInput($request->typed())->withErrors($form->problems());
        }
        $tape->taped($request->person(), $job, $gap);

        return $this->back($job);
    }

    public function skip(Asked $request, TapeGap $tape, Job $job): RedirectResponse
    {
        $tape->skipped($request->person(), $job);

        return $this->back($job);
    }

    private function back(Job $job): RedirectResponse
    {
        return redirect()->route('bench', [$job, Station::Dropped->value]);
    }

    private function form(Asked $request, Job $job): GapForm
    {
        abort_unless($job->rigAsWorked()->specified()->family()?->hasBars() === true, 404);

        return new GapForm($request->typed(), $job, $request->person());
    }
}
