<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Adjuster\Adjusters;

/** Bars lying on friction brackets, set by bracket hole. */
final readonly class FrictionBracket implements HitchFamily
{
    use Internal\WordedInFile;

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
