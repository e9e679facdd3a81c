<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\StepRange;

/** Chains tensioned by nuts over a friction cone: little distribution, no bars. */
final readonly class TensionChain implements HitchFamily
{
    public function key(): string
    {
        return 'tension-chain';
    }

    public function wording(): Wording
    {
        return Wording::in($this->key());
    }

    public function hasBars(): bool
    {
        return false;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of(
            Adjuster::of('thread', Role::Tension, $measures->pitchMm, new StepRange(0, $measures->steps), 5)->withHalfSteps(),
            Adjuster::of('head', Role::HeadHeight, $measures->headHoleMm, new StepRange(0, $measures->headHoles), 30),
        );
    }
}
