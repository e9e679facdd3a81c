<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\UseCases\HookUps\CorrectHookUp;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Http\RedirectResponse;
use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Rig\Adjuster\Exception\ImpossibleSetting;

/**
 * What is said of the hook-up that is on, besides its readings: how the bars were put on, and what a second count gave.
 */
final class HookUps
{
    public function __construct(private readonly CorrectHookUp $hookUps)
    {
    }

    public function setBy(Asked $request, Job $job): RedirectResponse
    {
        $this->hookUps->setBy($request->person(), $job, $request->choice('set_by', SetBy::class) ?? abort(422));

        return redirect()->route('bench', [$job, 'bars-up']);
    }

    public function count(Asked $request, Job $job): RedirectResponse
    {
        $back = redirect()->route('bench', [$job, 'bars-up']);
        try {
            $setting = $this->hookUps->counted($job, $request->steps());
        } catch (ImpossibleSetting $impossible) {
            return $back->withErrors(['setting' => ExpectedWords::of($impossible->expected())], 'round');
        }
        if (array_diff_assoc($request->steps('right'), $setting) !== []) {
            return $back->withErrors(['setting' => Text::of('setting.sides_differ')], 'round');
        }
        $this->hookUps->count($request->person(), $job, $setting);

        return $back;
    }
}
