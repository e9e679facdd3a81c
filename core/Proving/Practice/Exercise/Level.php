<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

/** How hard an exercise is; the value is its digit in a code. */
enum Level: int
{
    /** Springs that forgive, a tape that reads as it stands. */
    case ClearFigures = 1;
    /** A real tape, read with one's eye where it is, and springs that stick. */
    case RealTape = 2;
    /** The same, and one thing is wrong. */
    case SomethingWrong = 3;
    /** Somebody else's rig: coupled, bars on, two things wrong. */
    case TakenOver = 4;
    /** A rig of the garage, with a hidden truth around its specifications. */
    case OwnRig = 5;

    public function faults(): int
    {
        return match ($this) {
            self::ClearFigures, self::RealTape => 0,
            self::SomethingWrong, self::OwnRig => 1,
            self::TakenOver => 2,
        };
    }

    /** By what factor springs stick. */
    public function friction(): float
    {
        return $this === self::ClearFigures ? 0.2 : 1.0;
    }

    /** Whether the eye can stand in the wrong place. */
    public function hasParallax(): bool
    {
        return $this !== self::ClearFigures;
    }

    public function startsCoupled(): bool
    {
        return $this === self::TakenOver;
    }
}
