<?php

declare(strict_types=1);

namespace App\UseCases\Door;

use App\Models\Job;

/** Something of a job was written: what was worked out of it before is old. */
final readonly class JobWritten
{
    public function __construct(public Job $job)
    {
    }
}
