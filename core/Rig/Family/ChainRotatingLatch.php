<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\StepRange;

/** Chains on a rotating latch; the head stands at a fixed tilt. */
final readonly class ChainRotatingLatch implements HitchFamily
{
    public function key(): string
    {
        return 'chain-rotating-latch';
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
            Adjuster::of('link', Role::Tension, $measures->pitchMm, new StepRange(0, $measures->steps), 6)->counted($measures->counting),
            Adjuster::of('head', Role::HeadHeight, $measures->headHoleMm, new StepRange(0, $measures->headHoles), 30),
        );
    }
}
