<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\CloseUp;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Showing\Drawing\Point;

/** One step of an adjuster on the close-up: where its number stands. The number itself is said as the shop counts. */
final readonly class StepMark
{
    private function __construct(
        public Adjuster $adjuster,
        public float $step,
        public Point $at,
        /** Whether the hitch stands at this step. */
        public bool $isInUse,
        /** Whether nobody knows at which step it stands. */
        public bool $isUnknown = false,
    ) {
    }

    public static function inUse(Adjuster $adjuster, float $step, Point $at): self
    {
        return new self($adjuster, $step, $at, true);
    }

    /** Of an adjuster that stands nobody knows where. */
    public static function unknown(Adjuster $adjuster, float $step, Point $at): self
    {
        return new self($adjuster, $step, $at, true, true);
    }

    public static function other(Adjuster $adjuster, float $step, Point $at): self
    {
        return new self($adjuster, $step, $at, false);
    }

    /** A step's mark, in use where the hitch stands at it. */
    public static function at(Adjuster $adjuster, float $step, Point $at, float $stands): self
    {
        return new self($adjuster, $step, $at, abs($step - $stands) < 1e-9);
    }
}
