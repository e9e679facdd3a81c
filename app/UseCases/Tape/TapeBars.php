<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use App\Models\BarTaping;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use App\UseCases\Garage\FreeChain;
use Illuminate\Support\Facades\Date;

/** The four heights of a hitch before anything is coupled: taken down, skipped, or taken back. */
final readonly class TapeBars
{
    public function __construct(private WritingDoor $door)
    {
    }

    /** @param  BarTaping  $taping  not saved yet */
    public function taped(User $person, Job $job, BarTaping $taping): void
    {
        $this->door->onJob($person, $job, static function () use ($person, $job, $taping): void {
            $job->barTapings()->save($taping->fill(['user_id' => $person->id, 'taped_at' => Date::now()]));
            (new FreeChain($job->rig->hitch))->keep($taping->chain_mm);
        });
    }

    public function skipped(User $person, Job $job): void
    {
        $this->door->onJob(
            $person,
            $job,
            static fn () => $job->barTapings()->create([
                'typed' => [],
                'user_id' => $person->id,
                'taped_at' => Date::now(),
            ]),
        );
    }

    /** What stood before counts again. */
    public function takenBack(User $person, Job $job): void
    {
        $this->door->onJob(
            $person,
            $job,
            static fn () => $job->barTapings->last()?->update(['withdrawn_at' => Date::now()]),
        );
    }
}
