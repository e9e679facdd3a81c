<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Rig\Family\Families;
use Yoke\Rig\Specification\RigPart;

/** What the parts of a rig and the fields of their specifications are called. */
final class SpecificationWords
{
    /** Lower case. */
    public static function part(RigPart $part): string
    {
        return Text::of("specification.{$part->value}.name");
    }

    /** As a heading: `Hitches`. */
    public static function many(RigPart $part): string
    {
        return Text::of("specification.{$part->value}.many");
    }

    public static function group(RigPart $part, string $group): string
    {
        return Text::of("specification.{$part->value}.groups.{$group}");
    }

    public static function label(RigPart $part, string $field): string
    {
        return Text::of("specification.{$part->value}.fields.{$field}.label");
    }

    /** Or an empty text. */
    public static function hint(RigPart $part, string $field): string
    {
        return Text::ifAny("specification.{$part->value}.fields.{$field}.hint");
    }

    /** @return array<string, string> what can be chosen in a field, by what is stored */
    public static function options(RigPart $part, string $field): array
    {
        $words = [];
        foreach ($part->fields()[$field]->options as $option) {
            $words[$option] = self::option($part, $field, $option);
        }

        return $words;
    }

    public static function option(RigPart $part, string $field, string $option): string
    {
        return $field === 'family'
            ? ucfirst((new FamilyWords(Families::get($option)))->name())
            : Text::of("specification.{$part->value}.fields.{$field}.options.{$option}");
    }
}
