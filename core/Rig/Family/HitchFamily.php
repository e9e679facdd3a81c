<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Adjuster\Adjusters;

/**
 * A kind of weight distribution hitch. A new family is one class, one line in Families and one file of words at the
 * edge;
 * its adjusters drive the settings and the drawing everywhere.
 */
interface HitchFamily
{
    /** The name it is stored by: `chain-snap-up`. */
    public function key(): string;

    public function facts(): FamilyFacts;

    /** What can be set on it. */
    public function adjusters(HitchMeasures $measures): Adjusters;

    /** Whether it bends bars at all: tension chains do not. */
    public function hasBars(): bool;
}
