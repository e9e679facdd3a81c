<?php

declare(strict_types=1);

namespace Tests\Core\Choice;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;

/** What a trailer has on board besides, for tests. */
final class TrailerLoad
{
    /** @param  array{float, float}  ...$masses  kg, and mm ahead of the trailer's axles */
    public static function of(array ...$masses): LoadChange
    {
        return LoadChange::between(
            [],
            array_map(
                static fn (array $mass): Item => Item::of(
                    'load',
                    Load::ofKilograms($mass[0]),
                    Carrier::Trailer,
                    Length::ofMillimetres($mass[1]),
                ),
                array_values($masses),
            ),
        );
    }
}
