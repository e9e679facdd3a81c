<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;

/** One thing looked at, and how it stands. */
final readonly class Check
{
    /** @param  Angle|Length|float  $stands  a bare number is a share */
    public function __construct(public CheckKind $kind, public Angle|Length|float $stands)
    {
    }

    public function holds(): bool
    {
        return $this->kind->holds();
    }
}
