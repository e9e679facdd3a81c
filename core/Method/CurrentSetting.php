<?php

declare(strict_types=1);

namespace Yoke\Method;

use Yoke\Adjuster\Setting;

/** The setting that is on: where it stands for the model, and how often it was read. */
final readonly class CurrentSetting
{
    /**
     * @param  float  $more  tension over that of the reference setting, mm
     * @param  float  $ballRaise  of the unloaded ball over what the prior knows, mm
     */
    public function __construct(public Setting $setting, public float $more, public float $ballRaise, public int $readings = 1)
    {
    }
}
