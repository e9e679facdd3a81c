<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\UseCases\Forms\TypedParts;
use App\UseCases\Stations\RecordCheck;
use App\Words\ExpectedWords;
use Illuminate\Http\RedirectResponse;
use Yoke\Expected;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Specification\FieldKind;
use Yoke\Rig\Specification\RigPart;
use Yoke\Workshop\Procedure\Station;

/** Keeps what a wrench showed at the fasteners of a hitch. */
final class Torques
{
    /** No fastener of a hitch is tightened more, N·m. */
    private const MOST_NM = 2000.0;

    public function store(Asked $request, RecordCheck $checks, Job $job, Station $station): RedirectResponse
    {
        $person = $request->person();
        $fastener = $request->text('fastener');
        $field = RigPart::Hitch->fields()[$fastener] ?? null;
        $sheet =
            $field?->kind === FieldKind::Torque ? $job->rigAsWorked()->values(RigPart::Hitch)->number($fastener) : null;
        abort_if($sheet === null, 404);
        $problems = new CollectProblems();
        $parts = new TypedParts(['wrench' => $request->text('wrench')], $person, $problems);
        $wrench = $parts->torque('wrench');
        if ($wrench !== null && ($wrench->newtonMetres() < 0.0 || $wrench->newtonMetres() > self::MOST_NM)) {
            $problems->found('wrench', Expected::of('form.wrench'));
        }
        $back = redirect()->route('bench', [$job, $station->value]);
        if ($wrench === null || ! $problems->isEmpty()) {
            return $back
                ->withInput($request->texts(['fastener', 'wrench']))
                ->withErrors(ExpectedWords::each($problems->all()), 'torque');
        }
        $checks->tightened($person, $job, $fastener, $parts->text('wrench'), $wrench, $sheet);

        return $back;
    }
}
