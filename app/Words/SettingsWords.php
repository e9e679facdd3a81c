<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Job\Shop\SettingKind;
use Yoke\Job\Shop\ShopOption;
use Yoke\Job\Shop\ShopSettings;

/** Settings of the shop in words: what each is called, what it does, and its figures. */
final class SettingsWords
{
    private const DIGITS = 5;

    public static function group(string $group): string
    {
        return Text::of("shop.group.{$group}");
    }

    public static function label(string $key): string
    {
        return Text::of("shop.setting.{$key}.label");
    }

    public static function does(string $key): string
    {
        return Text::of("shop.setting.{$key}.does");
    }

    /** With its unit. */
    public static function value(ShopOption $setting, float|string $value): string
    {
        return is_string($value)
            ? self::option($setting, $value)
            : trim(self::number($setting, $value).' '.self::unit($setting));
    }

    /** As it is typed. */
    public static function number(ShopOption $setting, float $value): string
    {
        $shown = round($setting->kind === SettingKind::Share ? 100 * $value : $value, self::DIGITS);

        return Figures::written(rtrim(rtrim(number_format($shown, self::DIGITS, '.', ''), '0'), '.'));
    }

    public static function unit(ShopOption $setting): string
    {
        return Text::of("shop.unit.{$setting->kind->value}");
    }

    public static function option(ShopOption $setting, string $option): string
    {
        return Text::ifAny("shop.setting.{$setting->key}.options.{$option}") ?: $option;
    }

    public static function expected(ShopOption $setting): string
    {
        return $setting->kind === SettingKind::Choice
            ? Text::of('shop.expected_choice')
            : Text::of('shop.expected_figure', [
                'low' => self::number($setting, $setting->low),
                'high' => self::value($setting, $setting->high),
            ]);
    }

    public static function against(string $key, string $other): string
    {
        return Text::of($key === 'range.to' ? 'shop.expected_more' : 'shop.expected_less', [
            'other' => lcfirst(self::label($other)),
            'value' => self::label($other),
        ]);
    }

    /** What the record of deeds says of a change. */
    public static function change(string $key, mixed $before, mixed $after): string
    {
        $setting = ShopSettings::all()[$key] ?? null;
        if ($setting === null) {
            return $key;
        }
        $say = static fn (mixed $value): string => is_string($value)
            ? self::value($setting, $value)
            : self::value($setting, is_int($value) || is_float($value) ? (float) $value : 0.0);

        return Text::of('shop.changed', [
            'setting' => self::label($key),
            'before' => $say($before),
            'after' => $say($after),
        ]);
    }
}
