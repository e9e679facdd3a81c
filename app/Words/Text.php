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

    /** The same in another language than the one spoken. */
    public static function in(string $language, string $key): string
    {
        $text = trans($key, [], $language);

        return is_string($text) && $text !== $key ? $text : throw new LogicException("There is no text for {$key}.");
    }

    /**
     * One that says how many.
     *
     * @param  array<string, string|int|float>  $with
     */
    public static function choice(string $key, int $count, array $with = []): string
    {
        $text = trans_choice($key, $count, [...$with, 'count' => (string) $count]);

        return $text !== $key ? $text : throw new LogicException("There is no text for {$key}.");
    }

    /** A label inside a sentence: `front GAWR`, but `GVWR`. */
    public static function inside(string $label): string
    {
        return preg_match('/^\p{Lu}{2}/u', $label) === 1
            ? $label
            : mb_strtolower(mb_substr($label, 0, 1)).mb_substr($label, 1);
    }

    /** One that not everything has, or an empty text. */
    public static function ifAny(string $key): string
    {
        $text = __($key);

        return is_string($text) && $text !== $key ? $text : '';
    }

    /** @return array<string> the texts that stand below a key */
    public static function each(string $key): array
    {
        $texts = __($key);

        return is_array($texts)
            ? array_filter($texts, is_string(...))
            : throw new LogicException("There are no texts for {$key}.");
    }
}
