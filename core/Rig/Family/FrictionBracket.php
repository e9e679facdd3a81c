<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\StepRange;

/** Bars lying on friction brackets, set by bracket hole. */
final readonly class FrictionBracket implements HitchFamily
{
    public function key(): string
    {
        return 'friction-bracket';
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
            Adjuster::of('hole', Role::Tension, $measures->pitchMm, new StepRange(0, $measures->steps), 10),
            Adjuster::of('washer', Role::Tilt, deg2rad($measures->tiltDegrees), new StepRange(0, $measures->tiltSteps), 30),
            Adjuster::of('head', Role::HeadHeight, $measures->headHoleMm, new StepRange(0, $measures->headHoles), 30),
        );
    }
}
