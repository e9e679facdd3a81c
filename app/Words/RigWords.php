<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\PhotoPurpose;
use Illuminate\Support\Str;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** What a rig stands in and on: its stances, the ends of the vehicle, and what a photo of it shows. */
final class RigWords
{
    public static function stance(Stance $stance): string
    {
        return Text::of("rig.stance.{$stance->value}");
    }

    public static function axle(Axle $axle): string
    {
        return Text::of("rig.axle.{$axle->value}");
    }

    /** As the head of a row or a column. */
    public static function head(Stance|Axle $of): string
    {
        return Str::ucfirst($of instanceof Stance ? self::stance($of) : self::axle($of));
    }

    public static function photo(PhotoPurpose $shows): string
    {
        return Text::of('rig.photo.'.Str::slug($shows->value, '_'));
    }
}
