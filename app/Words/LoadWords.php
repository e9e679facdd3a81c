<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\LoadState;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Mechanics\Loading\TongueShare;
use Yoke\Mechanics\Loading\UsualItem;

/** What travels, and what the trade makes of where it stands. */
final class LoadWords
{
    /** As somebody named it; the water of a tank by its tank. */
    public static function item(Item $item): string
    {
        return $item->tank === null ? $item->name : Text::of("load.tank.{$item->tank}");
    }

    /** Lower case. */
    public static function tank(Tank $tank): string
    {
        return Text::of("load.tank.{$tank->key}");
    }

    /** Lower case. */
    public static function usual(UsualItem $item): string
    {
        return Text::of("load.usual.{$item->value}");
    }

    public static function share(TongueShare $share): string
    {
        return Text::of('load.share.'.match (true) {
            $share->isUsual() => 'usual',
            $share->isTooLittle() => 'too_little',
            default => 'much',
        });
    }

    /** What was aboard when the rig was weighed, or the name that somebody gave. */
    public static function state(LoadState $state): string
    {
        return $state->as_weighed ? Text::of('load.as_weighed') : $state->name;
    }
}
