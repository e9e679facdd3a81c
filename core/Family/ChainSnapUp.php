<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;
use Yoke\Family\Internal\WordedInFile;

/** Chains taken up by snap-up brackets; half a link by a bolt set between two links. */
final readonly class ChainSnapUp implements HitchFamily
{
    use WordedInFile;

    public function key(): string
    {
        return 'chain-snap-up';
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
