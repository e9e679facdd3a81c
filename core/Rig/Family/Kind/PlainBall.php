<?php

declare(strict_types=1);

namespace Yoke\Rig\Family\Kind;

use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Family\FamilyFacts;
use Yoke\Rig\Family\Handwork;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Family\SwayControl;
use Yoke\Rig\Family\TakeUp;

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
