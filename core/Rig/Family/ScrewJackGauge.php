<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\StepRange;

/** A screw on the head tensions the bars; a gauge in it reads the ball load. */
final readonly class ScrewJackGauge implements HitchFamily
{
    public function key(): string
    {
        return 'screw-jack-gauge';
    }

    public function wording(): Wording
    {
        return Wording::in($this->key());
    }

    public function hasBars(): bool
    {
        return true;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of(
            Adjuster::of('turn', Role::Tension, $measures->pitchMm, new StepRange(0, $measures->steps), 3)->withHalfSteps(),
            Adjuster::of('head', Role::HeadHeight, $measures->headHoleMm, new StepRange(0, $measures->headHoles), 30),
        );
    }
}
