<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Procedure\Station;

/** What a station is called, what is done there and what to beware of. */
final class StationWords
{
    public static function title(Station $station): string
    {
        return Text::of("station.{$station->value}.title");
    }

    /** @return array<string> in order, a sentence each */
    public static function steps(Station $station): array
    {
        return Text::each("station.{$station->value}.steps");
    }

    public static function caution(Station $station): string
    {
        return Text::of("station.{$station->value}.caution");
    }
}
