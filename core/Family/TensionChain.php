<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;
use Yoke\Family\Internal\WordedInFile;

/** Chains tensioned by nuts over a friction cone: little distribution, no bars. */
final readonly class TensionChain implements HitchFamily
{
    use WordedInFile;

    public function key(): string
    {
        return 'tension-chain';
    }

    public function hasBars(): bool
    {
        return false;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->tension('thread', minutes: 5)->withHalfSteps(), $measures->head());
    }
}
