<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;
use Yoke\Family\Internal\WordedInFile;

/** Bars on pads under a cover, at fixed heights, with a preset tooth washer. */
final readonly class PadUnderCover implements HitchFamily
{
    use WordedInFile;

    public function key(): string
    {
        return 'pad-under-cover';
    }

    public function hasBars(): bool
    {
        return true;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->tension('hole', minutes: 8), $measures->tilt('tooth'), $measures->head());
    }
}
