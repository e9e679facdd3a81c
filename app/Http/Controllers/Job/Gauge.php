<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Bench\BenchPage;
use App\Screens\Bench\BenchQuery;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\GaugeForm;
use App\UseCases\HookUps\RecordGauge;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\Station;

/** Takes what the gauge in a head shows while its screw is turned: no new hook-up. */
final class Gauge
{
    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    /** What a reading would mean, as it is typed. */
    public function preview(Asked $request, Job $job, Station $station): JsonResponse
    {
        $form = $this->form($request, $job, $station);
        $reading = $form->reading();
        $turned = $form->turned();
        $typed = array_filter($request->typed(), static fn (string $text): bool => $text !== '');
        $job->load(['liveReadings.user', 'marks.user', 'rounds', 'measures', 'tickets']);
        $analysed =
            $reading === null || $turned === null
                ? $this->analyses->of($job)
                : $this->analyses->gauging($job, $reading, $turned === 0.0 ? null : $form->stepsAfter($turned));
        $page = new BenchPage($analysed, $request->person(), $station, BenchQuery::asked($request));

        return response()->json([
            'problems' => (object) array_intersect_key($form->problems(), $typed),
            'parts' => [
                'gauge' => view('bench.gauge-says', ['gauge' => $page->gauge()])->render(),
                'verdict' => view('bench.advice', ['page' => $page, 'isTyping' => true])->render(),
            ],
        ]);
    }

    public function store(Asked $request, RecordGauge $gauge, Job $job, Station $station): RedirectResponse
    {
        $form = $this->form($request, $job, $station);
        [$reading, $turned] = [$form->reading(), $form->turned()];
        $back = redirect()->to(route('bench', [$job, $station->value]).'#gauge-step');
        if ($reading === null || $turned === null) {
            return $back->withInput($request->typed())->withErrors($form->problems(), 'gauge');
        }
        if ($turned === 0.0) {
            $gauge->read($request->person(), $job, $reading);
        } else {
            $gauge->turned($request->person(), $job, $reading, $form->stepsAfter($turned));
        }

        return $back;
    }

    private function form(Asked $request, Job $job, Station $station): GaugeForm
    {
        $stance = $station->stance();
        $screw = $job->rigAsWorked()->specified()->adjusters()?->turnedLoaded();
        if ($screw === null || $stance === null || $stance === Stance::Alone) {
            abort(404);
        }

        return new GaugeForm($request->texts(['ball_load', 'turned']), $job, $stance, $request->person(), $screw);
    }
}
