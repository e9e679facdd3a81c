<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;
use Yoke\Family\Internal\WordedInFile;

/** Bars lying on friction brackets, set by bracket hole. */
final readonly class FrictionBracket implements HitchFamily
{
    use WordedInFile;

    public function key(): string
    {
        return 'friction-bracket';
    }

    public function hasBars(): bool
    {
        return true;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->tension('hole', minutes: 10), $measures->tilt('washer'), $measures->head());
    }
}
