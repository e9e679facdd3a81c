<?php

declare(strict_types=1);

namespace App\Words;

/** Numbers as the language writes them. */
final class Figures
{
    /** Of one that was printed with a decimal point, with or without its unit. */
    public static function written(string $printed): string
    {
        return (string) preg_replace('/(?<=\d)\.(?=\d)/', Text::of('language.decimal'), $printed);
    }

    /** To so many places. */
    public static function fixed(float $value, int $places = 1): string
    {
        return self::written(sprintf("%.{$places}f", $value));
    }

    /** With no more places than it has. */
    public static function short(float $value): string
    {
        return self::written(sprintf('%g', $value));
    }
}
