<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\UseCases\Stations\ChooseMethod;
use App\UseCases\Stations\CloseStation;
use App\Words\Text;
use Illuminate\Http\RedirectResponse;
use Yoke\Judgement\Method\Criterion;
use Yoke\Workshop\Procedure\Station;

/** Closes and opens again the stations that have nothing to tape, and takes how the job is worked. */
final class Stations
{
    public function close(Asked $request, CloseStation $stations, Job $job, Station $station): RedirectResponse
    {
        abort_if($station->stance() !== null, 404);
        $stations->close($request->person(), $job, $station);
        $next = $station->next($job->rigAsWorked()->specified()->family()) ?? $station;

        return redirect()->route('bench', [$job, $next->value]);
    }

    public function open(Asked $request, CloseStation $stations, Job $job, Station $station): RedirectResponse
    {
        $stations->open($request->person(), $job, $station);

        return redirect()->route('bench', [$job, $station->value]);
    }

    /** Which method governs the job's next move. */
    public function method(Asked $request, ChooseMethod $choose, Job $job, Station $station): RedirectResponse
    {
        $method = $request->choice('method', Criterion::class) ?? abort(422, Text::of('expected.form.method'));
        $choose->governs($request->person(), $job, $method);

        return redirect()->route('bench', [$job, $station->value, 'show' => 'methods']);
    }

    /** Which way the job's fenders are taped: one height an axle, or left and right. */
    public function sides(Asked $request, ChooseMethod $choose, Job $job, Station $station): RedirectResponse
    {
        $choose->eachSide($request->person(), $job, $request->boolean('each_side'));

        return redirect()->route('bench', [$job, $station->value]);
    }
}
