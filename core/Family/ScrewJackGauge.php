<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;
use Yoke\Family\Internal\WordedInFile;

/** A screw on the head tensions the bars; a gauge in it reads the ball load. */
final readonly class ScrewJackGauge implements HitchFamily
{
    use WordedInFile;

    public function key(): string
    {
        return 'screw-jack-gauge';
    }

    public function hasBars(): bool
    {
        return true;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->tension('turn', minutes: 1)->withHalfSteps()->turnedLoaded(), $measures->head());
    }
}
