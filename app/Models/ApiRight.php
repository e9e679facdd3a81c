<?php

declare(strict_types=1);

namespace App\Models;

/** What a token may do. The value is its key in words and in the OpenAPI file. */
enum ApiRight: string
{
    case ReadJobs = 'jobs:read';
    case ReadRigs = 'rigs:read';
    case PostReadings = 'readings:write';

    /** Whether the same person may do it on the pages. */
    public function isOpenTo(User $person): bool
    {
        return match ($this) {
            self::ReadJobs, self::ReadRigs => $person->isHere(),
            self::PostReadings => $person->isHere() && ($person->role?->worksOnJobs() ?? false),
        };
    }

    /** @return list<self> those that a person can hand on */
    public static function openTo(User $person): array
    {
        return array_values(array_filter(self::cases(), static fn (self $right): bool => $right->isOpenTo($person)));
    }
}
