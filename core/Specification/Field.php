<?php

declare(strict_types=1);

namespace Yoke\Specification;

use Yoke\Units\Length;
use Yoke\Units\Load;
use Yoke\Units\Pressure;
use Yoke\Units\Torque;

/** One thing that can be known of a vehicle, a trailer or a hitch. Its key ends in its canonical unit. */
final readonly class Field
{
    /**
     * @param  float  $low  in the canonical unit, included
     * @param  float  $high  in the canonical unit, included
     * @param  array<string, string>  $options  stored value => label, for a choice
     */
    private function __construct(
        public string $key,
        public string $label,
        public FieldKind $kind,
        public float $low,
        public float $high,
        public array $options,
        public string $hint,
    ) {
    }

    public static function length(string $key, string $label, float $lowMm, float $highMm, string $hint = ''): self
    {
        return new self($key, $label, FieldKind::Length, $lowMm, $highMm, [], $hint);
    }

    public static function load(string $key, string $label, float $lowKg, float $highKg, string $hint = ''): self
    {
        return new self($key, $label, FieldKind::Load, $lowKg, $highKg, [], $hint);
    }

    public static function pressure(string $key, string $label, string $hint = ''): self
    {
        return new self($key, $label, FieldKind::Pressure, 50.0, 1200.0, [], $hint);
    }

    public static function torque(string $key, string $label, string $hint = ''): self
    {
        return new self($key, $label, FieldKind::Torque, 5.0, 1500.0, [], $hint);
    }

    public static function number(string $key, string $label, float $low, float $high, string $hint = ''): self
    {
        return new self($key, $label, FieldKind::Number, $low, $high, [], $hint);
    }

    /** @param  array<string, string>  $options */
    public static function choice(string $key, string $label, array $options, string $hint = ''): self
    {
        return new self($key, $label, FieldKind::Choice, 0.0, 0.0, $options, $hint);
    }

    /** What was expected, when a value cannot be; null when it can. */
    public function objection(float|string $value): ?string
    {
        if ($this->kind === FieldKind::Choice) {
            return is_string($value) && isset($this->options[$value]) ? null : 'Expected one of the list.';
        }

        return is_float($value) && $value >= $this->low && $value <= $this->high ? null : $this->range();
    }

    private function range(): string
    {
        [$low, $high] = [$this->low, $this->high];

        return match ($this->kind) {
            FieldKind::Length => sprintf('Expected between %g and %g mm (%.0f and %.0f in).', $low, $high, Length::ofMillimetres($low)->inches(), Length::ofMillimetres($high)->inches()),
            FieldKind::Load => sprintf('Expected between %g and %g kg (%.0f and %.0f lb).', $low, $high, Load::ofKilograms($low)->pounds(), Load::ofKilograms($high)->pounds()),
            FieldKind::Pressure => sprintf('Expected between %g and %g kPa (%.0f and %.0f psi).', $low, $high, Pressure::ofKilopascals($low)->poundsPerSquareInch(), Pressure::ofKilopascals($high)->poundsPerSquareInch()),
            FieldKind::Torque => sprintf('Expected between %g and %g N·m (%.0f and %.0f lb·ft).', $low, $high, Torque::ofNewtonMetres($low)->poundFeet(), Torque::ofNewtonMetres($high)->poundFeet()),
            default => sprintf('Expected a number between %g and %g.', $low, $high),
        };
    }
}
