<?php

declare(strict_types=1);

namespace Yoke\Family\Kind;

use Yoke\Adjuster\Adjusters;
use Yoke\Family\FamilyFacts;
use Yoke\Family\Handwork;
use Yoke\Family\HitchFamily;
use Yoke\Family\HitchMeasures;
use Yoke\Family\Suits;
use Yoke\Family\SwayControl;
use Yoke\Family\TakeUp;
use Yoke\Family\Want;

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
            handwork: new Handwork(
                barsOn: ['hook', 'snap_up'],
                barsOff: ['let_down', 'unhook'],
                change: ['bars_off.let_down', 'move', 'bars_on.snap_up'],
            ),
            takeUp: TakeUp::SnapUpChain,
            suits: [
                Want::Reversing->value => Suits::Partly,
                Want::Tailgate->value => Suits::Well,
                Want::Obstructions->value => Suits::Partly,
                Want::Quiet->value => Suits::Well,
                Want::SwayControl->value => Suits::Poorly,
            ],
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
