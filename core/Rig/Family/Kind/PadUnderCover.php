<?php

declare(strict_types=1);

namespace Yoke\Rig\Family\Kind;

use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Family\FamilyFacts;
use Yoke\Rig\Family\Handwork;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Family\Suits;
use Yoke\Rig\Family\SwayControl;
use Yoke\Rig\Family\TakeUp;
use Yoke\Rig\Family\Want;

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
            handwork: new Handwork(
                barsOn: ['swing_in', 'covers'],
                barsOff: ['swing_off'],
                change: ['bars_off.swing_off', 'move', 'bars_on.swing_in', 'bars_on.covers'],
            ),
            takeUp: TakeUp::CoveredPad,
            suits: [
                Want::Reversing->value => Suits::Well,
                Want::Tailgate->value => Suits::Well,
                Want::Obstructions->value => Suits::Partly,
                Want::Quiet->value => Suits::Well,
                Want::SwayControl->value => Suits::Well,
            ],
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
