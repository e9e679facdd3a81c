<?php

declare(strict_types=1);

namespace App\UseCases\Stations;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use Yoke\Judgement\Method\Criterion;

/** How a job is worked: which method governs its next move, and which way its fenders are taped. */
final readonly class ChooseMethod
{
    public function __construct(private WritingDoor $door)
    {
    }

    public function governs(User $person, Job $job, Criterion $method): void
    {
        $this->door->onJob($person, $job, static fn (): bool => $job->update(['method' => $method]));
    }

    /** One height an axle, or left and right. */
    public function eachSide(User $person, Job $job, bool $eachSide): void
    {
        $this->door->onJob($person, $job, static fn (): bool => $job->update(['each_side' => $eachSide]));
    }
}
