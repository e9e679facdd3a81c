<?php

declare(strict_types=1);

namespace Yoke\Job\History;

/** What one change of load asks of a setting. */
final readonly class LoadCause
{
    /**
     * @param  float  $tongue  what the tongue weight gains, kg
     * @param  float  $steps  of the small adjuster, more is tighter, that restore the same share of the front axle load
     *     as before
     */
    public function __construct(public ItemChange $change, public float $tongue, public float $steps)
    {
    }
}
