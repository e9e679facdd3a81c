<?php

declare(strict_types=1);

namespace App\UseCases\Procedures;

use App\Models\Job;
use App\Models\ProcedureRun;
use Yoke\Rig\Specification\RigPart;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\Procedure;
use Yoke\Workshop\Procedure\ProcedureProgress;
use Yoke\Workshop\Procedure\RigFacts;

/** A procedure of a job's rig, and how far the run that is on has come. */
final readonly class RunningProcedure
{
    public ?ProcedureRun $run;

    /** Null until the hitch's family is known. */
    public ?Procedure $procedure;

    /** Null until the hitch's family is known. */
    public ?ProcedureProgress $progress;

    /** @param  Job  $job  with its procedure runs */
    public function __construct(Job $job, Occasion $occasion)
    {
        $this->run = $job->procedureRuns->last(
            static fn (ProcedureRun $run): bool => $run->occasion === $occasion && $run->isOn(),
        );
        $rig = $job->rigAsWorked();
        $family = $rig->specified()->family();
        $this->procedure =
            $family === null
                ? null
                : new Procedure(
                    $occasion,
                    new RigFacts(
                        $family,
                        $rig->values(RigPart::Vehicle),
                        $rig->values(RigPart::Trailer),
                        $this->run->answers ?? [],
                    ),
                );
        $this->progress =
            $this->procedure === null
                ? null
                : new ProcedureProgress($this->procedure->steps(), $this->run?->outcomes() ?? []);
    }
}
