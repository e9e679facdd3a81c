<?php

declare(strict_types=1);

namespace App\UseCases\Weighing;

use App\Models\Job;
use App\Models\TongueWeighing;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use Illuminate\Support\Facades\Date;

/** A reading of the tongue's weight, by whatever was at hand. */
final readonly class RecordTongueWeight
{
    public function __construct(private WritingDoor $door)
    {
    }

    /** @param  TongueWeighing  $reading  not saved yet */
    public function kept(User $person, Job $job, TongueWeighing $reading): TongueWeighing
    {
        $reading->fill(['user_id' => $person->id, 'read_at' => Date::now()]);
        $this->door->onJob($person, $job, static fn () => $job->tongueReadings()->save($reading));

        return $reading;
    }

    public function withdrawn(User $person, Job $job, int $reading): void
    {
        $this->door->onJob(
            $person,
            $job,
            static fn () => $job
                ->tongueReadings()
                ->findOrFail($reading)
                ->update(['withdrawn_at' => Date::now()]),
        );
    }
}
