<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts\Check;

use BackedEnum;
use Yoke\Expected;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\LoadUnit;

/**
 * Between what a size of any rig lies, both ends included; a number outside may have been meant in another unit.
 */
final readonly class SizeRange
{
    /** @param  non-empty-array<string, float>  $units  how many of the range's own unit each other one is */
    private function __construct(
        private float $low,
        private float $high,
        private BackedEnum $unit,
        private array $units,
    ) {
    }

    /** Of a length in mm. */
    public static function ofMillimetres(float $low, float $high): self
    {
        $units = [];
        foreach ([LengthUnit::Inch, LengthUnit::Centimetre, LengthUnit::Foot, LengthUnit::Metre] as $unit) {
            $units[$unit->value] = $unit->millimetres();
        }

        return new self($low, $high, LengthUnit::Millimetre, $units);
    }

    /**
     * Of a load or a mass, its ends in kg.
     *
     * @param  LoadUnit  $unit  in which a number is given
     */
    public static function ofKilograms(float $low, float $high, LoadUnit $unit = LoadUnit::Kilogram): self
    {
        $of = $unit->load(1.0)->kilograms();
        $units = [];
        foreach ([LoadUnit::Tonne, LoadUnit::Pound, LoadUnit::Kilogram] as $other) {
            if ($other !== $unit) {
                $units[$other->value] = $other->load(1.0)->kilograms() / $of;
            }
        }

        return new self(round($low / $of), round($high / $of), $unit, $units);
    }

    public function holds(float $number): bool
    {
        return $number >= $this->low && $number <= $this->high;
    }

    /**
     * In which other units a number would lie within, and what it would be then, in the range's own.
     *
     * @return array<string, float> by unit
     */
    public function otherwise(float $number): array
    {
        $meant = array_map(static fn (float $of): float => $of * $number, $this->units);

        return $this->holds($number) ? [] : array_filter($meant, $this->holds(...));
    }

    /** What was expected in place of a number outside, and what it may have been meant as. */
    public function expected(float $number): Expected
    {
        $expected = Expected::of('size.outside', [
            'low' => $this->low,
            'high' => $this->high,
            'unit' => $this->unit,
            'number' => $number,
        ]);
        foreach ($this->otherwise($number) as $unit => $is) {
            $expected = $expected->then(
                Expected::of('size.otherwise', [
                    'number' => $number,
                    'other' => $unit,
                    'is' => round($is),
                    'unit' => $this->unit,
                ]),
            );
        }

        return $expected;
    }
}
