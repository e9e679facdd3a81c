<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

/** How the bars were brought to their setting: the springs of the vehicle stick on the side of their last motion. */
enum SetBy: string
{
    /**
     * The coupled pair jacked up, the bars hooked almost by hand, the jack let down: the rear comes to rest from above.
     */
    case Jack = 'jack';
    /** Levered on with the rig standing: the rear comes to rest from below. */
    case Lever = 'lever';
}
