<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;

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
            handwork: new Handwork(barsOn: ['swing_over', 'keepers'], barsOff: ['lift_off', 'take_out'], change: ['bars_off.lift_off', 'move', 'bars_on.swing_over', 'bars_on.keepers']),
            takeUp: TakeUp::Bracket,
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
