<?php

declare(strict_types=1);

namespace App\UseCases\Settings;

use App\Words\SettingsWords;
use Yoke\Job\Shop\SettingKind;
use Yoke\Job\Shop\ShopOption;
use Yoke\Job\Shop\ShopSettings;

/** Settings of the shop as typed, with what was expected where one does not read. */
final readonly class SettingsDraft
{
    /** @var array<string, float|string> by key, those that are not as usual */
    public array $chosen;

    /** @var array<string, string> sentences by field */
    public array $problems;

    /** @param  array<string, string>  $typed  by field; what is not sent, or empty, is as usual */
    public function __construct(array $typed)
    {
        $chosen = [];
        $problems = [];
        foreach (ShopSettings::all() as $key => $setting) {
            $text = trim($typed[self::field($key)] ?? '');
            if ($text === '') {
                continue;
            }
            $value = self::value($setting, $text);
            if ($value === null || ! $setting->allows($value)) {
                $problems[self::field($key)] = SettingsWords::expected($setting);
            } elseif ($value !== $setting->default) {
                $chosen[$key] = $value;
            }
        }
        foreach ($problems === [] ? ShopSettings::of($chosen)->contradictions() : [] as $key => $other) {
            $problems[self::field($key)] = SettingsWords::against($key, $other);
        }
        $this->chosen = $chosen;
        $this->problems = $problems;
    }

    /** The name of a setting's field in a form, where a dot would mean something else. */
    public static function field(string $key): string
    {
        return str_replace('.', '-', $key);
    }

    private static function value(ShopOption $setting, string $text): float|string|null
    {
        if ($setting->kind === SettingKind::Choice) {
            return $text;
        }
        $number = str_replace([',', ' ', '%'], ['.', '', ''], $text);
        $value = preg_match('/^-?\d{1,6}(\.\d{1,8})?$/', $number) === 1 ? (float) $number : null;

        return $value !== null && $setting->kind === SettingKind::Share ? round($value / 100, 8) : $value;
    }
}
