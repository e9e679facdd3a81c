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

/** Chains on a rotating latch; the head stands at a fixed tilt. */
final readonly class ChainRotatingLatch implements HitchFamily
{
    public function key(): string
    {
        return 'chain-rotating-latch';
    }

    public function facts(): FamilyFacts
    {
        return new FamilyFacts(
            new HitchMeasures(27.5, 9),
            SwayControl::Head,
            swayChecks: ['latches', 'sockets'],
            handwork: new Handwork(
                barsOn: ['hook', 'latch'],
                barsOff: ['unlatch', 'take_out'],
                change: ['bars_off.unlatch', 'move', 'bars_on.latch'],
            ),
            takeUp: TakeUp::LatchedChain,
            suits: [
                Want::Reversing->value => Suits::Well,
                Want::Tailgate->value => Suits::Well,
                Want::Obstructions->value => Suits::Partly,
                Want::Quiet->value => Suits::Partly,
                Want::SwayControl->value => Suits::Partly,
            ],
        );
    }

    public function hasBars(): bool
    {
        return true;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->link(), $measures->head());
    }
}
