<?php

declare(strict_types=1);

namespace Yoke\Day;

use Yoke\Procedure\Station;

/** How long each station usually takes, minutes: a judgement of the trade until a shop's own times say otherwise (docs/model.md, The day). */
final class StationTimes
{
    /** To measure the carried heights of a hook-up and judge them. */
    private const MEASURED = 6.0;

    /** The stations but for hook-ups, each of which is counted by itself. */
    public static function usual(Station $station): float
    {
        return match ($station) {
            Station::Brief => 8.0,
            Station::Ground => 5.0,
            Station::Alone => 8.0,
            Station::Head => 18.0,
            Station::Brackets => 18.0,
            Station::Dropped => 8.0,
            Station::BarsUp => 6.0,
            Station::Prove => 6.0,
            Station::Sway => 8.0,
            Station::HookUp => 8.0,
            Station::Road => 20.0,
            Station::HandOver => 10.0,
        };
    }

    /** @param  int  $step  minutes that a change of the small adjuster takes */
    public static function hookUp(int $step): float
    {
        return $step + self::MEASURED;
    }
}
