<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Angle;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Rig\Adjuster\Setting;

/** What a setting promises. */
final readonly class SettingForecast
{
    /** Chance to be in range by the method that governs, and the front not over-restored, 0 to 1. */
    public float $chance;

    /** Chance that the front is heavier than it may ever be, 0 to 1. */
    public float $over;

    /**
     * @param  float  $tensionOffset  over that of the reference setting, mm
     * @param  float  $ballOffset  over what the prior knows, mm
     * @param  int  $minutes  to get there
     * @param  Exclusion|null  $excluded  why it is never advised; null where it may be
     */
    public function __construct(
        public Setting $setting,
        public float $tensionOffset,
        public float $ballOffset,
        public StanceForecast $stance,
        public int $minutes,
        public ?Exclusion $excluded,
    ) {
        $this->over = $stance->over;
        $this->chance = min($stance->chances->inRange, 1.0 - $stance->over);
    }

    /** Of the front axle load restored. */
    public function share(): Normal
    {
        return $this->stance->share();
    }

    public function trailerPitch(): Angle
    {
        return $this->stance->carried->trailerPitchAngle();
    }

    public function isOpen(): bool
    {
        return $this->excluded === null;
    }
}
