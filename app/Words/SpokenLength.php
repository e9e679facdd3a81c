<?php

declare(strict_types=1);

namespace App\Words;

/** A printed length as a voice reads it: `38 and 3 eighths`. */
final class SpokenLength
{
    public static function of(string $printed): string
    {
        return preg_match('/^(?:(?<whole>\d+) )?(?<top>\d+)\/(?<below>\d+) in$/', $printed, $part) === 1
            ? self::fraction($part['whole'], (int) $part['top'], (int) $part['below'])
            : (string) preg_replace(['/ in$/', '/ mm$/'], ['', ' '.Text::of('calling.millimetres')], $printed);
    }

    private static function fraction(string $whole, int $top, int $below): string
    {
        $fraction = Text::of('calling.fraction.'.($top === 1 ? 'one' : 'many').".{$below}", ['count' => $top]);

        return $whole === '' ? $fraction : Text::of('calling.and', ['whole' => $whole, 'fraction' => $fraction]);
    }
}
