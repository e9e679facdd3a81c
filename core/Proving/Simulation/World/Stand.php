<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

/** Where a rig came to rest, as changes from the vehicle alone: mm (up positive), kg, rad (nose-up positive). */
final readonly class Stand
{
    public function __construct(
        public float $frontRise,
        public float $rearRise,
        public float $trailerPitch,
        public float $frontLoad,
        public float $rearLoad,
        public float $barLoad,
    ) {
    }
}
