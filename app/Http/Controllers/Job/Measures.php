<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\MeasureKind;
use App\UseCases\Tape\RecordMeasures;
use App\Words\ExpectedWords;
use Illuminate\Http\RedirectResponse;
use Yoke\Workshop\Procedure\Station;

/** Takes what else was read in a stance: coupler, gauge, bar bend, axles on a weighbridge. */
final class Measures
{
    public function store(Asked $request, RecordMeasures $measures, Job $job, Station $station): RedirectResponse
    {
        $stance = $station->stance() ?? abort(404);
        $typed = $request->texts(array_column(MeasureKind::takenAtOnce($stance), 'value'));
        $problems = $measures->each($request->person(), $job, $stance, $typed);
        $place = $request->text('from') === 'seen' ? '#seen' : '#others';
        $address = redirect()->to(route('bench', [$job, $station->value]).$place);

        return $problems === []
            ? $address
            : $address->withInput($typed)->withErrors(ExpectedWords::each($problems), 'measures');
    }
}
