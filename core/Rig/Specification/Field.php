<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

use Yoke\Expected;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Pressure;
use Yoke\Foundation\Units\RateUnit;
use Yoke\Foundation\Units\RoadUnit;
use Yoke\Foundation\Units\Torque;

/** One thing that can be known of a vehicle, a trailer or a hitch. Its key ends in its canonical unit. */
final readonly class Field
{
    /** What a maker allows: keys of loads that nothing may go over. */
    private const RATINGS = [
        'front_gawr_kg',
        'rear_gawr_kg',
        'vehicle_gvwr_kg',
        'gcwr_kg',
        'payload_kg',
        'front_tyre_kg',
        'rear_tyre_kg',
        'receiver_carrying_kg',
        'receiver_distributing_kg',
        'one_axle_gawr_kg',
        'trailer_tyre_kg',
        'trailer_gvwr_kg',
        'trailer_gawr_kg',
        'coupler_gross_kg',
        'coupler_tongue_kg',
        'bar_rating_low_kg',
        'bar_rating_high_kg',
        'ball_gross_kg',
    ];

    /**
     * @param  float  $low  in the canonical unit, included
     * @param  float  $high  in the canonical unit, included
     * @param  list<string>  $options  what can be chosen, as it is stored
     */
    private function __construct(
        public string $key,
        public FieldKind $kind,
        public float $low,
        public float $high,
        public array $options,
    ) {
    }

    public static function length(string $key, float $lowMm, float $highMm): self
    {
        return new self($key, FieldKind::Length, $lowMm, $highMm, []);
    }

    public static function load(string $key, float $lowKg, float $highKg): self
    {
        return new self($key, FieldKind::Load, $lowKg, $highKg, []);
    }

    public static function pressure(string $key): self
    {
        return new self($key, FieldKind::Pressure, 50.0, 1200.0, []);
    }

    public static function torque(string $key): self
    {
        return new self($key, FieldKind::Torque, 5.0, 1500.0, []);
    }

    public static function rate(string $key, float $lowKgPerMm, float $highKgPerMm): self
    {
        return new self($key, FieldKind::Rate, $lowKgPerMm, $highKgPerMm, []);
    }

    public static function distance(string $key, float $lowKm, float $highKm): self
    {
        return new self($key, FieldKind::Distance, $lowKm, $highKm, []);
    }

    public static function number(string $key, float $low, float $high): self
    {
        return new self($key, FieldKind::Number, $low, $high, []);
    }

    public static function count(string $key, int $low, int $high): self
    {
        return new self($key, FieldKind::Count, $low, $high, []);
    }

    public static function choice(string $key, string ...$options): self
    {
        return new self($key, FieldKind::Choice, 0.0, 0.0, array_values($options));
    }

    public function isRating(): bool
    {
        return in_array($this->key, self::RATINGS, true);
    }

    /** What was expected, when a value cannot be; null when it can. */
    public function objection(float|string $value): ?Expected
    {
        if ($this->kind === FieldKind::Choice) {
            return is_string($value) && in_array($value, $this->options, true) ? null : Expected::of('field.choice');
        }

        $isInRange = is_float($value) && $value >= $this->low && $value <= $this->high;

        return $isInRange && ($this->kind !== FieldKind::Count || floor($value) === $value) ? null : $this->range();
    }

    private function range(): Expected
    {
        [$low, $high] = [$this->low, $this->high];

        return match ($this->kind) {
            FieldKind::Length => $this->inBoth(
                'mm',
                'in',
                Length::ofMillimetres($low)->inches(),
                Length::ofMillimetres($high)->inches(),
            ),
            FieldKind::Load => $this->inBoth(
                'kg',
                'lb',
                Load::ofKilograms($low)->pounds(),
                Load::ofKilograms($high)->pounds(),
            ),
            FieldKind::Distance => $this->inBoth(
                'km',
                'mi',
                RoadUnit::Mile->of($low),
                RoadUnit::Mile->of($high),
            ),
            FieldKind::Pressure => $this->inBoth(
                'kPa',
                'psi',
                Pressure::ofKilopascals($low)->poundsPerSquareInch(),
                Pressure::ofKilopascals($high)->poundsPerSquareInch(),
            ),
            FieldKind::Torque => $this->inBoth(
                'N·m',
                'lb·ft',
                Torque::ofNewtonMetres($low)->poundFeet(),
                Torque::ofNewtonMetres($high)->poundFeet(),
            ),
            FieldKind::Rate => $this->inBoth(
                'kg/mm',
                'lb/in',
                RateUnit::PoundPerInch->of($low),
                RateUnit::PoundPerInch->of($high),
            ),
            FieldKind::Count => Expected::of('field.count', ['low' => $low, 'high' => $high]),
            default => Expected::of('field.number', ['low' => $low, 'high' => $high]),
        };
    }

    /** The range in its own unit and in another. */
    private function inBoth(string $unit, string $other, float $low, float $high): Expected
    {
        return Expected::of('field.range', [
            'low' => $this->low,
            'high' => $this->high,
            'unit' => $unit,
            'other_low' => round($low),
            'other_high' => round($high),
            'other' => $other,
        ]);
    }
}
