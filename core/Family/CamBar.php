<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;
use Yoke\Family\Internal\WordedInFile;

/** Chains, with cams under the crown of the bars that centre the trailer. */
final readonly class CamBar implements HitchFamily
{
    use WordedInFile;

    public function key(): string
    {
        return 'cam-bar';
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
