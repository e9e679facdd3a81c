<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;

/** The settings of a hitch against the one whose tension the prior knows. */
final readonly class SettingOffsets
{
    /** @param  float  $barArm  mm */
    public function __construct(private Adjusters $adjusters, private Setting $reference, private float $barArm)
    {
    }

    /** Tension over that of the reference setting, mm. */
    public function tension(Setting $setting): float
    {
        return $this->adjusters->tensionBetween($this->reference, $setting, $this->barArm);
    }

    /** The unloaded ball over its height at the reference setting, mm. */
    public function ball(Setting $setting): float
    {
        return $this->adjusters->ballHeightBetween($this->reference, $setting)->millimetres();
    }

    /** The same if its links, holes or turns were counted from the other end, mm. */
    public function tensionReversed(Setting $setting): float
    {
        return $this->tension($this->adjusters->reversed($setting));
    }

    /** How far it may be off for what nobody knows of a setting, one deviation, mm; 0 where everything is known. */
    public function tensionDoubt(Setting $setting): float
    {
        return $this->adjusters->tensionDoubt($setting, $this->barArm);
    }

    /** What one link, hole or turn is worth if it was miscounted, mm. */
    public function step(): float
    {
        return $this->adjusters->tensionStep();
    }
}
