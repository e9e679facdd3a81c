<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\CardLink;
use App\Models\Language;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Text\Fineness;

/** The languages that can be chosen, and the units beside them. */
final class LanguageWords
{
    /** As whoever speaks it calls it. */
    public static function name(Language $language): string
    {
        return Text::in($language->value, 'language.name');
    }

    /** @return array<string, string> all names, by what is kept */
    public static function all(): array
    {
        return array_column(
            array_map(static fn (Language $one): array => [$one->value, self::name($one)], Language::cases()),
            1,
            0,
        );
    }

    /** @return array<string, string> by what is kept */
    public static function units(): array
    {
        return array_column(
            array_map(static fn (Fineness $one): array => [$one->value, self::fineness($one)], Fineness::cases()),
            1,
            0,
        );
    }

    /** What an owner behind a link reads: `Español, mm and kg to 1 mm`. */
    public static function ofLink(CardLink $link): string
    {
        return self::name($link->language).', '.self::fineness($link->reader()->fineness);
    }

    private static function fineness(Fineness $fineness): string
    {
        return Text::of($fineness->unit() === LengthUnit::Inch ? 'language.inches' : 'language.millimetres', [
            'step' => $fineness->value,
        ]);
    }
}
