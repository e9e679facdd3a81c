<?php

declare(strict_types=1);

namespace Yoke\Planning;

/** Something that the plan had to take as usual, and the field that would tell better. */
final readonly class Assumption
{
    public function __construct(public string $says, public string $unlockedBy)
    {
    }
}
