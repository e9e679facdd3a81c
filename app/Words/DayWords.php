<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Workshop\Day\DaySlot;
use Yoke\Workshop\Day\ForeseenTime;
use Yoke\Workshop\Day\SlotState;

/** Times of a day in words (lang/, day). */
final class DayWords
{
    /** `13:45`. */
    public static function clock(?int $minute): string
    {
        return $minute === null ? '' : sprintf('%02d:%02d', intdiv($minute, 60) % 24, $minute % 60);
    }

    /** Minutes after midnight of what was typed; null where it is no time of the day. */
    public static function minute(string $typed): ?int
    {
        return preg_match('/^\s*(\d{1,2})[:.h](\d{2})\s*$/', $typed, $parts) === 1 &&
            (int) $parts[1] < 24 &&
            (int) $parts[2] < 60
            ? 60 * (int) $parts[1] + (int) $parts[2]
            : null;
    }

    /** `about 70 min, 50 to 110`. */
    public static function foreseen(ForeseenTime $time): string
    {
        return Text::of('day.foreseen', self::rounded($time));
    }

    /** @return array<string, int> minutes, to five */
    private static function rounded(ForeseenTime $time): array
    {
        $five = static fn (float $minutes): int => (int) (5 * round($minutes / 5));

        return ['mean' => $five($time->mean), 'least' => $five($time->least), 'most' => $five($time->most)];
    }

    /** `about 70 min to go, 50 to 110`. */
    public static function toGo(ForeseenTime $time): string
    {
        return Text::of('day.to_go', self::rounded($time));
    }

    public static function state(SlotState $state): string
    {
        return Text::of("day.state.{$state->value}");
    }

    public static function next(string $title, DaySlot $slot): string
    {
        return Text::of($slot->start === null ? 'day.next_without_time' : 'day.next', [
            'title' => $title,
            'at' => self::clock($slot->start),
            'foreseen' => self::foreseen($slot->time),
        ]);
    }

    public static function late(string $title, ?int $end): string
    {
        return Text::of('day.late', ['title' => $title, 'end' => self::clock($end)]);
    }

    public static function clash(string $one, string $other): string
    {
        return Text::of('day.clash', ['one' => $one, 'other' => $other]);
    }
}
