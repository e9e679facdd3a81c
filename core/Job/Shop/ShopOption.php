<?php

declare(strict_types=1);

namespace Yoke\Job\Shop;

/** One thing that a shop holds to, with what it is as long as nobody chose, and between what it can be chosen. */
final readonly class ShopOption
{
    /**
     * @param  string  $key  of its group and name: `doubt.tapeMm`
     * @param  float|string  $default  in its kind; a text where it is one of a list
     * @param  float  $low  included
     * @param  float  $high  included
     * @param  list<string>  $options  what can be chosen
     */
    private function __construct(
        public string $key,
        public SettingKind $kind,
        public float|string $default,
        public float $low,
        public float $high,
        public array $options,
    ) {
    }

    public static function figure(string $key, SettingKind $kind, float $default, float $low, float $high): self
    {
        return new self($key, $kind, $default, $low, $high, []);
    }

    /** @param  list<string>  $options */
    public static function choice(string $key, string $default, array $options): self
    {
        return new self($key, SettingKind::Choice, $default, 0.0, 0.0, $options);
    }

    public function group(): string
    {
        return explode('.', $this->key)[0];
    }

    /** Whether it can be this. */
    public function allows(float|string $value): bool
    {
        return match (true) {
            $this->kind === SettingKind::Choice => is_string($value) && in_array($value, $this->options, true),
            ! is_float($value) || ! is_finite($value) || $value < $this->low || $value > $this->high => false,
            default => ! in_array($this->kind, [SettingKind::Times, SettingKind::Whole], true) ||
                floor($value) === $value,
        };
    }
}
