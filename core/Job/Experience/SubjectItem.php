<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

/** The item that a quantity belongs to, and the group of items that are like it. */
final readonly class SubjectItem
{
    public function __construct(public string $group, public string $item)
    {
    }
}
