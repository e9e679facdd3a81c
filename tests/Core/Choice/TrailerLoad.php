<?php

declare(strict_types=1);

namespace Tests\Core\Choice;

use Yoke\Loading\Carrier;
use Yoke\Loading\Item;
use Yoke\Loading\LoadChange;
use Yoke\Units\Length;
use Yoke\Units\Load;

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
