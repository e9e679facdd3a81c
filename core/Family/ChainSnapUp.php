<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;

/** Chains taken up by snap-up brackets; half a link by a bolt set between two links. */
final readonly class ChainSnapUp implements HitchFamily
{
    public function key(): string
    {
        return 'chain-snap-up';
    }

    public function facts(): FamilyFacts
    {
        return new FamilyFacts(
            new HitchMeasures(27.5, 8),
            SwayControl::Separate,
            swayChecks: ['chains', 'friction_bar'],
            handwork: new Handwork(barsOn: ['hook', 'snap_up'], barsOff: ['let_down', 'unhook'], change: ['bars_off.let_down', 'move', 'bars_on.snap_up']),
            takeUp: TakeUp::SnapUpChain,
        );
    }

    public function hasBars(): bool
    {
        return true;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->link()->withHalfSteps(), $measures->tilt('washer'), $measures->head());
    }
}
