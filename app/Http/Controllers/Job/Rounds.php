<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\UseCases\HookUps\RecordHookUp;
use App\Words\ExpectedWords;
use Illuminate\Http\RedirectResponse;
use Yoke\Rig\Adjuster\Exception\ImpossibleSetting;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\Station;

/** Begins a round of reading: another setting hooked up, or the same stance read again. */
final class Rounds
{
    public function store(Asked $request, RecordHookUp $hookUps, Job $job, Station $station): RedirectResponse
    {
        $stance = $station->stance() ?? abort(404);
        $back = redirect()->route('bench', [$job, $station->value]);
        if ($request->boolean('again') || $stance !== Stance::Carried) {
            $hookUps->again($request->person(), $job, $stance);

            return $back;
        }
        try {
            $hookUps->at($request->person(), $job, $request->recordedSteps());
        } catch (ImpossibleSetting $impossible) {
            return $back->withErrors(['setting' => ExpectedWords::of($impossible->expected())], 'round');
        }

        return $back;
    }
}
