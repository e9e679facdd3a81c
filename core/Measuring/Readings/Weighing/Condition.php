<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

/**
 * What was otherwise at a weighing than where the rig is taped: its loads are compared, and tell nothing of the rig
 * without it.
 */
enum Condition: string
{
    /** Helper air springs pumped up. */
    case AirUp = 'air_up';

    /** Self-levelling switched on. */
    case LevellingOn = 'levelling_on';

    /** The driver, or somebody else who sat in every stance, stood beside. */
    case DriverOut = 'driver_out';

    /** At another setting of the hitch than the one that is recorded. */
    case OtherSetting = 'other_setting';

    /** Whether it lifts the rear of the vehicle. */
    public function lifts(): bool
    {
        return $this === self::AirUp || $this === self::LevellingOn;
    }
}
