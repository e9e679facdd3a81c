<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Foundation\Units\Load;

/** Sentences of the record of deeds. */
final class DeedWords
{
    /**
     * @param  string  $deed  its key
     * @param  array<string, mixed>  $with  what the sentence names: figures with their unit, roles and fields by their
     *     keys
     */
    public static function says(string $deed, array $with, User $reader): string
    {
        $named = array_map(
            static fn (mixed $value): string|int|float => is_string($value) || is_int($value) || is_float($value)
                ? $value
                : '',
            $with,
        );
        if (is_string($with['field'] ?? null) && is_string($with['of'] ?? null)) {
            $named['field'] = Text::of("specification.{$with['of']}.fields.{$with['field']}.label");
        }
        if (is_string($with['role'] ?? null)) {
            $named['role'] = Text::of("deed.role.{$with['role']}");
        }
        if (is_string($with['key'] ?? null)) {
            $named['change'] = SettingsWords::change($with['key'], $with['before'] ?? null, $with['after'] ?? null);
        }
        foreach (['from', 'to'] as $end) {
            if (array_key_exists("{$end}_kg", $with)) {
                $kilograms = $with["{$end}_kg"];
                $named[$end] =
                    is_int($kilograms) || is_float($kilograms)
                        ? (new QuantityWords($reader))->load(Load::ofKilograms((float) $kilograms))
                        : Text::of('deed.nothing');
            }
        }

        return Text::of("deed.{$deed}", $named);
    }
}
