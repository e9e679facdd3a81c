<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\BarTaping;
use App\Models\Job;
use App\Screens\Bench\BarsPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\FourHeightsForm;
use App\UseCases\Garage\FreeChain;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Date;
use Yoke\Procedure\Station;

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
            'parts' => ['effect' => view('bars.effect', ['page' => $this->page($request, $job, $taping ?? $job->barTapings->last())])->render()],
        ]);
    }

    public function store(Asked $request, Job $job): RedirectResponse
    {
        $form = $this->form($request, $job);
        $taping = $form->read();
        if ($taping === null) {
            return redirect()->route('bars', $job)->withInput($request->typed())->withErrors($form->problems());
        }
        $job->barTapings()->save($taping->fill(['user_id' => $request->person()->id, 'taped_at' => Date::now()]));
        (new FreeChain($job->rig->hitch))->keep($taping->chain_mm);

        return redirect()->route('bench', [$job, Station::Brackets->value]);
    }

    public function skip(Asked $request, Job $job): RedirectResponse
    {
        $job->barTapings()->create(['typed' => [], 'user_id' => $request->person()->id, 'taped_at' => Date::now()]);

        return redirect()->route('bench', [$job, Station::Brackets->value]);
    }

    /** What stood before counts again. */
    public function undo(Job $job): RedirectResponse
    {
        $job->barTapings->last()?->update(['withdrawn_at' => Date::now()]);

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
