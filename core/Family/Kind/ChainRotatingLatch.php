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
