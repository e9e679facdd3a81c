<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\UseCases\HookUps\CorrectHookUp;
use App\UseCases\HookUps\RecordHookUp;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Http\JsonResponse;
use Yoke\Rig\Adjuster\Exception\ImpossibleSetting;
use Yoke\Rig\Parts\Stance;

/**
 * Hook-ups posted by another program: the setting that the bars are at, the same stance read again, a setting counted
 * again.
 */
final class ApiHookUps
{
    public function __construct(private readonly RecordHookUp $record, private readonly CorrectHookUp $correct)
    {
    }

    /** A setting by its steps, or `again` with a stance. */
    public function store(Asked $request, Job $job): JsonResponse
    {
        if ($request->boolean('again')) {
            $stance = $request->choice('stance', Stance::class);

            return $stance === null
                ? ApiAnswer::invalid(['stance' => Text::of('api.expected_stance')])
                : ApiAnswer::made([
                    'stance' => $stance->value,
                    'round' => $this->record->again($request->person(), $job, $stance)->number,
                ]);
        }
        try {
            $round = $this->record->at($request->person(), $job, $request->recordedSteps('setting'));
        } catch (ImpossibleSetting $impossible) {
            return ApiAnswer::invalid(['setting' => ExpectedWords::of($impossible->expected())]);
        }

        return ApiAnswer::made(['stance' => Stance::Carried->value, 'round' => $round->number]);
    }

    /** The setting that is on, as a second count gave it. */
    public function count(Asked $request, Job $job): JsonResponse
    {
        try {
            $setting = $this->correct->counted($job, $request->steps('setting'));
        } catch (ImpossibleSetting $impossible) {
            return ApiAnswer::invalid(['setting' => ExpectedWords::of($impossible->expected())]);
        }
        $this->correct->count($request->person(), $job, $setting);

        return ApiAnswer::made(['setting' => $setting]);
    }
}
