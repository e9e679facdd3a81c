<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

use Yoke\Foundation\Units\Exception\UnreadableQuantity;
use Yoke\Foundation\Units\Internal\NumberWithUnit;

/** The unit that the rate of a spring is told in. Canonical is kg (as force) per mm. */
enum RateUnit: string
{
    case KilogramPerMillimetre = 'kg/mm';
    case PoundPerInch = 'lb/in';

    /**
     * What was typed, kg/mm; a bare number is in this unit.
     *
     * @throws UnreadableQuantity
     */
    public function parse(string $typed): float
    {
        $read = NumberWithUnit::read($typed) ?? throw UnreadableQuantity::rate($typed);

        return match ($read->unit === '' ? str_replace('/', '', $this->value) : $read->unit) {
            'kgmm' => $read->number,
            'lbin' => $read->number / self::PoundPerInch->of(1.0),
            default => throw UnreadableQuantity::rate($typed),
        };
    }

    /** In this unit, of so many kg/mm. */
    public function of(float $kilogramsPerMillimetre): float
    {
        return $this === self::KilogramPerMillimetre
            ? $kilogramsPerMillimetre
            : Load::ofKilograms($kilogramsPerMillimetre)->pounds() * Length::ofInches(1.0)->millimetres();
    }

    /** To three figures. */
    public function nearest(float $kilogramsPerMillimetre): string
    {
        $rate = $this->of($kilogramsPerMillimetre);
        $whole = $rate > 0.0 ? (int) floor(log($rate) / log(10.0)) : 0;

        return sprintf('%g %s', round($rate, 2 - $whole), $this->value);
    }
}
