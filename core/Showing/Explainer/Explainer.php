<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer;

/** One thing explained on the example rig. */
interface Explainer
{
    /** @return non-empty-list<Knob> what can be taken hold of */
    public function knobs(): array;

    /** How the rig stands then, and what is worth saying of it. */
    public function frame(KnobValues $at): Frame;
}
