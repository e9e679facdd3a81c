<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

use Yoke\Foundation\Units\Load;

/** What an axle, or a trailer's group of axles, presses on the ground with: an arrow under its wheels. */
final readonly class LoadArrow
{
    /**
     * @param  string  $what  its key: `front_axle`
     * @param  float  $x  behind the front axle, mm
     * @param  float  $share  of the heaviest arrow, 0 to 1
     * @param  Load  $load  in all; or the change from alone, where the vehicle was not weighed
     */
    public function __construct(
        public string $what,
        public float $x,
        public float $share,
        public Load $load,
        public LoadKnown $known,
    ) {
    }
}
