<?php

declare(strict_types=1);

namespace App\UseCases\Door;

use App\Models\Job;

/** A job is finished: the shop learns from it. */
final readonly class JobHandedOver
{
    public function __construct(public Job $job)
    {
    }
}
