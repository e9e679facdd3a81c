<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;

/** Bars on pads under a cover, at fixed heights, with a preset tooth washer. */
final readonly class PadUnderCover implements HitchFamily
{
    public function key(): string
    {
        return 'pad-under-cover';
    }

    public function facts(): FamilyFacts
    {
        return new FamilyFacts(
            new HitchMeasures(20.0, 4),
            SwayControl::Pads,
            swayChecks: ['pads', 'covers'],
            handwork: new Handwork(barsOn: ['swing_in', 'covers'], barsOff: ['swing_off'], change: ['bars_off.swing_off', 'move', 'bars_on.swing_in', 'bars_on.covers']),
            takeUp: TakeUp::CoveredPad,
        );
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
