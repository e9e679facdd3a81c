<?php

declare(strict_types=1);

namespace Yoke\Advice;

use Yoke\Adjuster\Setting;
use Yoke\Probability\Normal;
use Yoke\Units\Angle;

/** What a setting promises. */
final readonly class SettingForecast
{
    private const NOSE_UP_DEGREES = 0.2;

    private const NOSE_DOWN_DEGREES = 1.0;

    /**
     * @param  float  $tensionOffset  over that of the reference setting, mm
     * @param  float  $ballOffset  over what the prior knows, mm
     * @param  Normal  $share  of the front axle load put back
     * @param  float  $chance  to be in band
     * @param  float  $over  chance to leave the front heavier than alone
     * @param  Angle  $trailerPitch  of the likeliest rig, nose-up positive
     * @param  int  $minutes  to get there
     * @param  string  $excluded  why it is never advised; an empty text where it may be
     */
    public function __construct(
        public Setting $setting,
        public float $tensionOffset,
        public float $ballOffset,
        public Normal $share,
        public float $chance,
        public float $over,
        public Angle $trailerPitch,
        public int $minutes,
        public string $excluded,
    ) {
    }

    /** The trailer stands level or slightly nose-down: never nose-up. */
    public function standsLevel(): bool
    {
        return $this->trailerPitch->degrees() <= self::NOSE_UP_DEGREES && $this->trailerPitch->degrees() >= -self::NOSE_DOWN_DEGREES;
    }

    public function isOpen(): bool
    {
        return $this->excluded === '';
    }
}
