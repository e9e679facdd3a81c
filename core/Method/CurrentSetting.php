<?php

declare(strict_types=1);

namespace Yoke\Method;

use Yoke\Adjuster\Setting;

/** The setting that is on: where it stands for the model, and how often it was read. */
final readonly class CurrentSetting
{
    /**
     * @param  float  $tensionOffset  tension over that of the reference setting, mm
     * @param  float  $ballOffset  of the unloaded ball over what the prior knows, mm
     */
    public function __construct(public Setting $setting, public float $tensionOffset, public float $ballOffset, public int $readings = 1)
    {
    }
}
