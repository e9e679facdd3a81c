<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\Measure;
use App\Models\MeasureKind;
use App\Models\User;
use App\UseCases\Forms\TypedParts;
use App\Words\ExpectedWords;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Date;
use Yoke\Expected;
use Yoke\Procedure\Station;
use Yoke\Rig\Check\CollectProblems;
use Yoke\Rig\Stance;

/** Takes what else was read in a stance: coupler, gauge, bar bend, axles on a weighbridge. */
final class Measures
{
    /** Heaviest axle and longest gap that make sense, in kg and mm. */
    private const MOST = 20_000.0;

    /** No trailer stands steeper, degrees. */
    private const STEEPEST = 15.0;

    public function store(Asked $request, Job $job, Station $station): RedirectResponse
    {
        $stance = $station->stance() ?? abort(404);
        $person = $request->person();
        $problems = new CollectProblems;
        $typed = $request->texts(array_column(MeasureKind::typedAmongOthers($stance), 'value'));
        $parts = new TypedParts($typed, $person, $problems);
        foreach (MeasureKind::typedAmongOthers($stance) as $kind) {
            if (isset($typed[$kind->value])) {
                $this->take($job, $person, $stance, $kind, $parts, $problems);
            }
        }
        $address = redirect()->to(route('bench', [$job, $station->value]).'#others');

        return $problems->isEmpty() ? $address : $address->withInput($typed)->withErrors(ExpectedWords::each($problems->all()), 'measures');
    }

    /** Each on its own: one that does not read holds up no other. */
    private function take(Job $job, User $person, Stance $stance, MeasureKind $kind, TypedParts $parts, CollectProblems $problems): void
    {
        $text = $parts->text($kind->value);
        $standing = $job->measure($stance, $job->roundOf($stance), $kind);
        if ($text === ($standing->typed ?? '')) {
            return;
        }
        $value = $text === '' ? null : match (true) {
            $kind->isLength() => $parts->length($kind->value)?->millimetres(),
            $kind->isAngle() => $parts->number($kind->value),
            default => $parts->load($kind->value)?->kilograms(),
        };
        if ($value !== null && $kind->isAngle() && abs($value) > self::STEEPEST) {
            $problems->found($kind->value, Expected::of('form.degrees', ['most' => self::STEEPEST]));
        } elseif ($value !== null && ! $kind->isAngle() && ($value <= 0.0 || $value > self::MOST)) {
            $problems->found($kind->value, Expected::of('form.reading'));
        }
        if (! isset($problems->all()[$kind->value])) {
            Measure::query()->create(['job_id' => $job->id, 'stance' => $stance, 'round' => $job->roundOf($stance), 'kind' => $kind, 'typed' => $text, 'value' => $value, 'unit' => $value === null || $kind->isAngle() ? null : $parts->unitOf($kind->value, $kind), 'user_id' => $person->id, 'taken_at' => Date::now()]);
            $job->unsetRelation('measures');
        }
    }
}
