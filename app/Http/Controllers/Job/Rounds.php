<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\UseCases\Tape\RoundLog;
use App\Words\ExpectedWords;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Yoke\Adjuster\Exception\ImpossibleSetting;
use Yoke\Procedure\Station;
use Yoke\Rig\Stance;

/** Begins a round of reading: another setting hooked up, or the same stance read again. */
final class Rounds
{
    public function store(Asked $request, Job $job, Station $station): RedirectResponse
    {
        $stance = $station->stance() ?? abort(404);
        $isAgain = $request->boolean('again') || $stance !== Stance::Carried;
        try {
            $steps = $isAgain ? [] : $this->steps($request, $job);
        } catch (ImpossibleSetting $impossible) {
            return redirect()->route('bench', [$job, $station->value])->withErrors(['setting' => ExpectedWords::of($impossible->expected())], 'round');
        }
        $rounds = new RoundLog($job, $request->person());
        DB::transaction(static fn () => $isAgain ? $rounds->again($stance) : $rounds->at($steps));

        return redirect()->route('bench', [$job, $station->value]);
    }

    /**
     * @return array<string, float> steps by adjuster
     *
     * @throws ImpossibleSetting
     */
    private function steps(Asked $request, Job $job): array
    {
        $adjusters = $job->rigAsWorked()->specified()->adjusters() ?? throw ImpossibleSetting::unknown('setting');

        return $adjusters->setting($request->steps())->steps();
    }
}
