<?php

declare(strict_types=1);

namespace Yoke\Rig\Family\Kind;

use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\LinkSteps;
use Yoke\Rig\Family\FamilyFacts;
use Yoke\Rig\Family\Handwork;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Family\Suits;
use Yoke\Rig\Family\SwayControl;
use Yoke\Rig\Family\TakeUp;
use Yoke\Rig\Family\Want;

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
        return Adjusters::of($measures->link(LinkSteps::Halves), $measures->tilt('washer'), $measures->head());
    }
}
