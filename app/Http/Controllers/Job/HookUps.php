<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\Round;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Yoke\Adjuster\Exception\ImpossibleSetting;
use Yoke\Readings\Height\SetBy;
use Yoke\Rig\Stance;

/** What is said of the hook-up that is on, besides its readings: how the bars were put on, and what a second count gave. */
final class HookUps
{
    public function setBy(Asked $request, Job $job): RedirectResponse
    {
        $setBy = $request->choice('set_by', SetBy::class) ?? abort(422);
        DB::transaction(function () use ($job, $setBy): void {
            $job->takeTurn();
            $this->rowsOn($job)->each(static fn (Round $round): bool => $round->update(['set_by' => $setBy]));
        });

        return redirect()->route('bench', [$job, 'bars-up']);
    }

    /** The setting as it was counted again: it holds for everything that was read at this hook-up. */
    public function count(Asked $request, Job $job): RedirectResponse
    {
        try {
            $setting = $this->counted($request, $job);
        } catch (ImpossibleSetting $impossible) {
            return redirect()->route('bench', [$job, 'bars-up'])->withErrors(['setting' => ExpectedWords::of($impossible->expected())], 'round');
        }
        if (array_diff_assoc($request->steps('right'), $setting) !== []) {
            return redirect()->route('bench', [$job, 'bars-up'])->withErrors(['setting' => Text::of('setting.sides_differ')], 'round');
        }
        DB::transaction(function () use ($job, $setting): void {
            $job->takeTurn();
            $this->rowsOn($job)->each(static fn (Round $round): bool => $round->update(['setting' => $setting, 'is_counted' => true]));
        });

        return redirect()->route('bench', [$job, 'bars-up']);
    }

    /**
     * @return array<string, float> steps by adjuster
     *
     * @throws ImpossibleSetting
     */
    private function counted(Asked $request, Job $job): array
    {
        $adjusters = $job->rigAsWorked()->specified()->adjusters() ?? throw ImpossibleSetting::unknown('setting');
        $on = $job->settingOf($job->roundOf(Stance::Carried)) ?? throw ImpossibleSetting::unknown('setting');

        return $adjusters->setting([...$on, ...$request->steps()])->steps();
    }

    /** @return Collection<int, Round> all rounds that were read without the bars coming off between */
    private function rowsOn(Job $job): Collection
    {
        $book = $job->load('rounds')->roundBook();
        $on = $book->hookUpOf($job->roundOf(Stance::Carried));

        return $job->rounds->filter(static fn (Round $round): bool => $round->stance === Stance::Carried && $book->hookUpOf($round->number) === $on)->values();
    }
}
