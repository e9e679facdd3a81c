<?php

declare(strict_types=1);

namespace Yoke\Advice;

/** One thing that is wrong with a rig as it is hooked up. */
final readonly class Finding
{
    /** @param  float  $chance that it is so, 0 to 1 */
    public function __construct(public string $what, public float $chance, public string $means, public string $remedy)
    {
    }
}
