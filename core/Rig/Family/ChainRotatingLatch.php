<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Adjuster\Adjusters;

/** Chains on a rotating latch; the head stands at a fixed tilt. */
final readonly class ChainRotatingLatch implements HitchFamily
{
    use Internal\WordedInFile;

    public function key(): string
    {
        return 'chain-rotating-latch';
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
