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

/** Bars lying on friction brackets, set by bracket hole. */
final readonly class FrictionBracket implements HitchFamily
{
    public function key(): string
    {
        return 'friction-bracket';
    }

    public function facts(): FamilyFacts
    {
        return new FamilyFacts(
            new HitchMeasures(25.0, 6),
            SwayControl::Bracket,
            swayChecks: ['flat', 'faces', 'wear'],
            handwork: new Handwork(
                barsOn: ['swing_over', 'keepers'],
                barsOff: ['lift_off', 'take_out'],
                change: ['bars_off.lift_off', 'move', 'bars_on.swing_over', 'bars_on.keepers'],
            ),
            takeUp: TakeUp::Bracket,
            suits: [
                Want::Reversing->value => Suits::Well,
                Want::Tailgate->value => Suits::Well,
                Want::Obstructions->value => Suits::Poorly,
                Want::Quiet->value => Suits::Partly,
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
        return Adjusters::of($measures->tension('hole', minutes: 10), $measures->tilt('washer'), $measures->head());
    }
}
