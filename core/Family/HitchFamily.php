<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;

/**
 * A kind of weight distribution hitch. A new family is one class, one data file and one line in Families; its adjusters
 * drive the settings, the drawing and the wording everywhere.
 */
interface HitchFamily
{
    /** The name it is stored by: `chain-snap-up`. */
    public function key(): string;

    /** How it is worded. */
    public function wording(): Wording;

    /** What its measures usually are, where nobody took them. */
    public function usual(): HitchMeasures;

    /** What can be set on it. */
    public function adjusters(HitchMeasures $measures): Adjusters;

    /** Whether it bends bars at all: tension chains do not. */
    public function hasBars(): bool;
}
