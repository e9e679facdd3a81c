<?php

declare(strict_types=1);

namespace Yoke\Measuring\Bars;

use Yoke\Rig\Adjuster\Setting;

/** Four heights and the setting that they were taped for: its chains or holes, and the head as it was bolted. */
final readonly class TapedBars
{
    public function __construct(public FourHeights $heights, public Setting $setting)
    {
    }
}
