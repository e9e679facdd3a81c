<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;

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
            handwork: new Handwork(barsOn: ['hook', 'latch'], barsOff: ['unlatch', 'take_out'], change: ['bars_off.unlatch', 'move', 'bars_on.latch']),
            takeUp: TakeUp::LatchedChain,
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
