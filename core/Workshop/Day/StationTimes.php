<?php

declare(strict_types=1);

namespace Yoke\Workshop\Day;

use Yoke\Workshop\Procedure\Station;

/**
 * How long each station usually takes, minutes: a judgement of the trade until a shop's own times say otherwise
 * (docs/model.md, The day).
 */
final class StationTimes
{
    /** @var array<string, float> minutes, by the key of a station */
    private const USUAL = [
        'brief' => 8.0,
        'ground' => 5.0,
        'alone' => 8.0,
        'head' => 18.0,
        'brackets' => 18.0,
        'dropped' => 8.0,
        'bars-up' => 6.0,
        'prove' => 6.0,
        'sway-control' => 8.0,
        'hook-up-checks' => 8.0,
        'road-test' => 20.0,
        'hand-over' => 10.0,
    ];

    /** A station that nobody timed yet. */
    private const ANY = 8.0;

    /** To measure the carried heights of a hook-up and judge them. */
    private const MEASURED = 6.0;

    /** The stations but for hook-ups, each of which is counted by itself. */
    public static function usual(Station $station): float
    {
        return self::minutes($station->value);
    }

    /** Of a station by its key, also of one that nobody timed yet. */
    public static function minutes(string $station): float
    {
        return self::USUAL[$station] ?? self::ANY;
    }

    /** @param  int  $step  minutes that a change of the small adjuster takes */
    public static function hookUp(int $step): float
    {
        return $step + self::MEASURED;
    }
}
