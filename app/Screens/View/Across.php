<?php

declare(strict_types=1);

namespace App\Screens\View;

/**
 * Where something stands across a drawing, as the number of a class in places.css: pages carry no style of their own.
 */
final class Across
{
    private const STEPS_A_PERCENT = 2;

    private const STEPS_OF_ROOM = 100;

    private const MOST_ROOM = 400;

    /** Half percents from the left, 0 to 200. */
    public static function at(float $percent): int
    {
        return (int) round(self::STEPS_A_PERCENT * max(0.0, min(100.0, $percent)));
    }

    /** Hundredths of how many times larger a drawing may be shown, 100 to 400. */
    public static function room(float $times): int
    {
        return (int) max(self::STEPS_OF_ROOM, min(self::MOST_ROOM, round($times * self::STEPS_OF_ROOM)));
    }
}
