<?php

declare(strict_types=1);

namespace App\UseCases\Garage;

use App\Models\Hitch;
use App\Models\Job;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\Trailer;
use App\Models\Vehicle;
use Illuminate\Database\Eloquent\Collection;
use Yoke\CoreException;
use Yoke\Rig\Parts\Check\ThrowFirstProblem;
use Yoke\Rig\Specification\RigPart;

/** The jobs that follow their rig: those not handed over yet. A job handed over keeps the copy it was worked with. */
final readonly class OpenJobs
{
    public function __construct(private RigPart $part, private Vehicle|Trailer|Hitch $model)
    {
    }

    public function planAgain(): void
    {
        foreach ($this->rigs() as $rig) {
            /** @var Collection<int, Job> $jobs */
            $jobs = Job::query()->where('rig_id', $rig->id)->whereNull('handed_over_at')->get();
            $jobs->each(
                fn (Job $job): bool => $job->update([
                    'rig_as_worked' => [
                        ...RigSnapshot::sheetOf($rig),
                        'aboard' => $job->rig_as_worked['aboard'] ?? null,
                        'learnt' => null,
                        'experience' => $job->rig_as_worked['experience'] ?? null,
                    ],
                ]),
            );
        }
    }

    /**
     * Whether every rig that the part is in can be with it as it is now.
     *
     * @throws CoreException
     */
    public function check(): void
    {
        foreach ($this->rigs() as $rig) {
            (new RigSnapshot(RigSnapshot::sheetOf($rig->setRelation($this->part->value, $this->model))))
                ->specified()
                ->check(new ThrowFirstProblem());
        }
    }

    /** @return Collection<int, Rig> the rigs that the part is in */
    public function rigs(): Collection
    {
        /** @var Collection<int, Rig> */
        return Rig::query()
            ->where("{$this->part->value}_id", $this->model->id)
            ->with(['vehicle', 'trailer', 'hitch'])
            ->orderByDesc('id')
            ->get();
    }
}
