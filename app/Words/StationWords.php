<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Lang;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Workshop\Procedure\Station;

/** What a station is called, what is done there and what to beware of, in the words of the hitch's family. */
final class StationWords
{
    /** What the drawing beside a station's steps shows. */
    public static function picture(Station $station): string
    {
        return Text::of("station.{$station->value}.picture");
    }

    public static function title(Station $station): string
    {
        return Text::of("station.{$station->value}.title");
    }

    /**
     * @param  HitchFamily|null  $family  null while it is not known
     * @return array<string> in order, a sentence each
     */
    public static function steps(Station $station, ?HitchFamily $family): array
    {
        return Text::each(self::at($station, $family, 'steps'));
    }

    /** @param  HitchFamily|null  $family  null while it is not known */
    public static function caution(Station $station, ?HitchFamily $family): string
    {
        return Text::of(self::at($station, $family, 'caution'));
    }

    private static function at(Station $station, ?HitchFamily $family, string $part): string
    {
        $own = $family === null ? null : "family/{$family->key()}.stations.{$station->value}.{$part}";

        return $own !== null && Lang::has($own) ? $own : "station.{$station->value}.{$part}";
    }
}
