<?php

declare(strict_types=1);

namespace App\Words;

use LogicException;

/** A text of the language files by its key; one that is missing is a fault, not a text. */
final class Text
{
    /** @param  array<string, string|int|float>  $with */
    public static function of(string $key, array $with = []): string
    {
        $text = __($key, $with);

        return is_string($text) && $text !== $key ? $text : throw new LogicException("There is no text for {$key}.");
    }
}
