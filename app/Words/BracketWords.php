<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Foundation\Units\Angle;
use Yoke\Measuring\Bars\BracketPlace;

/** Where the brackets go and how the chains hang, in a person's units. */
final readonly class BracketWords
{
    /** Within so many degrees a chain hangs square. */
    private const SQUARE = 1.0;

    public function __construct(private QuantityWords $print)
    {
    }

    public function place(BracketPlace $place): string
    {
        if ($place->at === null || $place->moved === null) {
            return Text::of('bars.place.none');
        }
        $key = match (true) {
            abs($place->moved->millimetres()) < 0.5 => 'as_the_data_sheet',
            $place->moved->isNegative() => 'forward',
            default => 'back',
        };

        return Text::of("bars.place.{$key}", [
            'at' => $this->print->length($place->at),
            'by' => $this->print->length($place->moved->absolute()),
        ]);
    }

    public function lean(Angle $lean): string
    {
        $key = match (true) {
            abs($lean->degrees()) < self::SQUARE => 'square',
            $lean->isNegative() => 'to_the_front',
            default => 'to_the_rear',
        };

        return Text::of("bars.lean.{$key}", ['angle' => $this->print->degrees($lean)]);
    }
}
