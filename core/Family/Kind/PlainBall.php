<?php

declare(strict_types=1);

namespace Yoke\Family\Kind;

use Yoke\Adjuster\Adjusters;
use Yoke\Family\FamilyFacts;
use Yoke\Family\Handwork;
use Yoke\Family\HitchFamily;
use Yoke\Family\HitchMeasures;
use Yoke\Family\SwayControl;
use Yoke\Family\TakeUp;

/** A ball and nothing else: what the coupler puts on it, the vehicle carries. */
final readonly class PlainBall implements HitchFamily
{
    public function key(): string
    {
        return 'plain-ball';
    }

    public function facts(): FamilyFacts
    {
        return new FamilyFacts(
            new HitchMeasures,
            SwayControl::Separate,
            swayChecks: ['friction_bar'],
            handwork: new Handwork,
            takeUp: TakeUp::Nothing,
        );
    }

    public function hasBars(): bool
    {
        return false;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->head());
    }
}
