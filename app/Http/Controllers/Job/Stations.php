<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\UseCases\Experience\ShopExperience;
use App\UseCases\Service\RigCare;
use App\Words\Text;
use Illuminate\Http\RedirectResponse;
use Yoke\Method\Criterion;
use Yoke\Procedure\Station;
use Yoke\Rig\Stance;

/** Closes and opens again the stations that have nothing to tape. */
final class Stations
{
    public function __construct(private readonly ShopExperience $experience)
    {
    }

    public function close(Asked $request, Job $job, Station $station): RedirectResponse
    {
        abort_if($station->stance() !== null, 404);
        $mark = $job->marks()->firstOrCreate(['station' => $station], ['user_id' => $request->person()->id]);
        if ($mark->wasRecentlyCreated) {
            $this->handOver($request, $job, $station);
        }

        return redirect()->route('bench', [$job, ($station->next($job->rigAsWorked()->specified()->family()) ?? $station)->value]);
    }

    public function open(Job $job, Station $station): RedirectResponse
    {
        $job->marks()->where('station', $station)->delete();
        if ($station === Station::HandOver) {
            $job->update(['handed_over_at' => null]);
        }

        return redirect()->route('bench', [$job, $station->value]);
    }

    /** Which school governs the job's next move. */
    public function method(Asked $request, Job $job, Station $station): RedirectResponse
    {
        $method = $request->choice('method', Criterion::class);
        abort_if($method === null, 422, Text::of('expected.form.method'));
        $job->update(['method' => $method]);

        return redirect()->route('bench', [$job, $station->value, 'show' => 'methods']);
    }

    /** Which way the job's fenders are taped: one height an axle, or left and right. */
    public function sides(Asked $request, Job $job, Station $station): RedirectResponse
    {
        $job->update(['each_side' => $request->boolean('each_side')]);

        return redirect()->route('bench', [$job, $station->value]);
    }

    private function handOver(Asked $request, Job $job, Station $station): void
    {
        if ($station !== Station::HandOver) {
            return;
        }
        $job->update(['handed_over_at' => now()]);
        $setting = $job->settingOf($job->roundOf(Stance::Carried));
        if ($setting !== null) {
            $job->rig->update(['found_setting' => ['steps' => $setting, 'job' => $job->title, 'on' => now()->toDateString()]]);
        }
        $person = $request->person();
        $job->keepItsLoad();
        (new RigCare($job->rig))->setUp($person, $job);
        // While nobody waits: what this job told, for those after it.
        defer(fn () => $this->experience->learn($job));
    }
}
