<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Adjuster\Adjusters;

/** Chains taken up by snap-up brackets; half a link by a bolt set between two links. */
final readonly class ChainSnapUp implements HitchFamily
{
    use Internal\WordedInFile;

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
