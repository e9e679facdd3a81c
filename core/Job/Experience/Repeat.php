<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

use Yoke\Rig\Parts\Suspension;

/** The same height taped twice by one reader. */
final readonly class Repeat
{
    /** @param  float  $difference  of the two readings, mm */
    public function __construct(public string $reader, public Suspension $springs, public float $difference)
    {
    }
}
