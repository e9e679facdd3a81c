<?php

declare(strict_types=1);

namespace Yoke\Job\History;

use Yoke\Foundation\Units\Load;

/** What one change of load asks of a setting. */
final readonly class LoadCause
{
    /**
     * @param  Load  $tongue  what the tongue weight gains
     * @param  float  $steps  of the small adjuster, more is tighter, that restore the same share of the front axle load
     *     as before
     */
    public function __construct(public ItemChange $change, public Load $tongue, public float $steps)
    {
    }
}
