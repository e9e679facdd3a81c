<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;
use Yoke\Family\Internal\WordedInFile;

/** Chains on a rotating latch; the head stands at a fixed tilt. */
final readonly class ChainRotatingLatch implements HitchFamily
{
    use WordedInFile;

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
