<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\TapeRequest;
use App\Http\Responses\DeferredResponse;
use App\Models\Job;
use App\Screens\Bench\BenchPage;
use App\Screens\Bench\BenchQuery;
use App\Screens\Bench\TapeAnswer;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Tape\Entry;
use App\UseCases\Tape\RecordHeights;
use App\UseCases\Tape\Saved;
use App\UseCases\Tape\SaveOutcome;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\Station;

/** Takes what is typed at a station: to show what it would mean, or to save it. */
final class Tape
{
    public function __construct(private readonly JobAnalyses $analyses, private readonly RecordHeights $heights)
    {
    }

    public function preview(TapeRequest $request, Job $job, Station $station): JsonResponse
    {
        $entries = $request->entries($this->stance($station));

        return response()->json($this->answer($request, $job, $station, $entries)->previewing($entries));
    }

    public function store(TapeRequest $request, Job $job, Station $station): JsonResponse|RedirectResponse
    {
        $entries = $request->entries($this->stance($station));
        $outcomes = $this->heights->each($request->person(), $job, $entries, $request->round());
        $job->unsetRelation('liveReadings');

        return $request->expectsJson()
            ? new DeferredResponse(
                ['fields' => TapeAnswer::written($outcomes)],
                fn (): array => $this->answer($request, $job, $station, $entries)->saved($outcomes),
            )
            : $this->redirect($request, $job, $station, $outcomes);
    }

    private function stance(Station $station): Stance
    {
        return $station->stance() ?? abort(404);
    }

    /** @param  list<Entry>  $entries */
    private function answer(TapeRequest $request, Job $job, Station $station, array $entries): TapeAnswer
    {
        $job->load(['liveReadings.user', 'marks.user', 'rounds', 'measures', 'tickets']);

        return new TapeAnswer(
            new BenchPage(
                $this->analyses->with($job, $entries),
                $request->person(),
                $station,
                BenchQuery::asked($request),
            ),
        );
    }

    /** @param  array<string, SaveOutcome>  $outcomes */
    private function redirect(TapeRequest $request, Job $job, Station $station, array $outcomes): RedirectResponse
    {
        $isHeld =
            array_filter(
                $outcomes,
                static fn (SaveOutcome $outcome): bool => in_array(
                    $outcome->saved,
                    [Saved::Saved, Saved::Unchanged],
                    true,
                ),
            ) !== [];
        $open = array_filter(
            $outcomes,
            static fn (SaveOutcome $outcome): bool => $outcome->sentence !== '' &&
                ! ($isHeld && $outcome->saved === Saved::Empty),
        );
        if ($open === []) {
            $next = (new BenchPage(
                $this->analyses->of($job->load('marks')),
                $request->person(),
                $station,
            ))->afterSaving();

            return redirect()->to($next ?? route('bench', [$job, $station->value]));
        }
        $typed = collect($open)->map(fn (SaveOutcome $outcome): string => $outcome->entry->typed);
        $basedOn = collect($open)->map(fn (SaveOutcome $outcome): ?int => $outcome->basedOn);

        return redirect()
            ->route('bench', [$job, $station->value])
            ->withInput([
                'typed' => $typed->all(),
                'based_on' => $basedOn->all(),
                'rolled' => $request->boolean('rolled'),
            ])
            ->withErrors(collect($open)->map(fn (SaveOutcome $outcome): string => $outcome->sentence)->all(), 'tape');
    }
}
