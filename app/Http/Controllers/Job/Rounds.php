<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\Measure;
use App\Models\Reading;
use App\Models\Round;
use App\Models\WeighTicket;
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
        try {
            $setting = $stance === Stance::Carried ? $this->setting($request, $job) : null;
        } catch (ImpossibleSetting $impossible) {
            return redirect()->route('bench', [$job, $station->value])->withErrors(['setting' => $impossible->getMessage()], 'round');
        }
        DB::transaction(fn (): Round => $this->begin($request, $job, $stance, $setting));

        return redirect()->route('bench', [$job, $station->value]);
    }

    /**
     * @return array<string, float>|null steps by adjuster; null where nobody knows
     *
     * @throws ImpossibleSetting
     */
    private function setting(Asked $request, Job $job): ?array
    {
        $on = $job->settingOf($job->roundOf(Stance::Carried));
        if ($request->boolean('again')) {
            return $on;
        }
        $adjusters = $job->rigAsWorked()->described()->adjusters() ?? throw ImpossibleSetting::unknown('setting');

        return $adjusters->setting($request->steps())->steps();
    }

    /**
     * A round that nothing was read in yet is set right; else the next one begins.
     *
     * @param  array<string, float>|null  $setting
     */
    private function begin(Asked $request, Job $job, Stance $stance, ?array $setting): Round
    {
        $job->takeTurn();
        $on = $job->load(['rounds', 'liveReadings', 'tickets', 'measures'])->roundOf($stance);
        $isOf = static fn (Reading|WeighTicket|Measure $read): bool => $read->stance === $stance && $read->round === $on;
        $isRead = $job->liveReadings->whereNotNull('height_mm')->contains($isOf)
            || $job->tickets->whereNull('withdrawn_at')->contains($isOf)
            || $job->measures->whereNotNull('value')->contains($isOf);
        $isNamed = $stance !== Stance::Carried || $job->settingOf($on) !== null;

        $person = $request->user()?->id;
        $said = $request->boolean('again') ? $job->roundBook()->setBy($on) : null;

        return Round::query()->updateOrCreate(
            ['job_id' => $job->id, 'stance' => $stance, 'number' => $isRead && $isNamed ? $on + 1 : $on],
            ['setting' => $setting, 'user_id' => $person] + ($stance === Stance::Carried ? ['set_by' => $said ?? ($person === null ? null : Round::lastSetBy($person))] : []),
        );
    }
}
