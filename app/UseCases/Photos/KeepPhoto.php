<?php

declare(strict_types=1);

namespace App\UseCases\Photos;

use App\Models\Job;
use App\Models\PhotoPurpose;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use Illuminate\Support\Facades\Date;

/** Photos of a job: kept, or taken out of sight. */
final readonly class KeepPhoto
{
    private const MOST = 20;

    public function __construct(private WritingDoor $door)
    {
    }

    /** @throws UnusablePhoto where the job has as many as it may */
    public function kept(User $person, Job $job, PhotoPurpose $shows, CleanPhoto $photo): void
    {
        $this->door->onJob($person, $job, static function () use ($person, $job, $shows, $photo): void {
            if ($job->photos()->count() >= self::MOST) {
                throw UnusablePhoto::tooMany(self::MOST);
            }
            $job->photos()->create([
                'shows' => $shows,
                'width' => $photo->width,
                'height' => $photo->height,
                'jpeg' => $photo->jpeg,
                'user_id' => $person->id,
                'taken_at' => Date::now(),
            ]);
        });
    }

    public function withdrawn(User $person, Job $job, int $photo): void
    {
        $this->door->onJob(
            $person,
            $job,
            static fn () => $job
                ->photos()
                ->findOrFail($photo)
                ->update(['withdrawn_at' => Date::now()]),
        );
    }
}
