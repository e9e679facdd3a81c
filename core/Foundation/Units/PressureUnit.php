<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

use Yoke\Foundation\Units\Exception\UnreadableQuantity;
use Yoke\Foundation\Units\Internal\NumberWithUnit;

/** The unit a gauge is read in. */
enum PressureUnit: string
{
    case Kilopascal = 'kPa';
    case PoundPerSquareInch = 'psi';

    /**
     * What was typed; a bare number is in this unit.
     *
     * @throws UnreadableQuantity
     */
    public function parse(string $typed): Pressure
    {
        $read = NumberWithUnit::read($typed) ?? throw UnreadableQuantity::pressure($typed);

        return match ($read->unit === '' ? strtolower($this->value) : $read->unit) {
            'kpa' => Pressure::ofKilopascals($read->number),
            'psi' => Pressure::ofPoundsPerSquareInch($read->number),
            'bar' => Pressure::ofBars($read->number),
            default => throw UnreadableQuantity::pressure($typed),
        };
    }

    /** To the nearest whole unit. */
    public function nearest(Pressure $pressure): string
    {
        $amount = $this === self::Kilopascal ? $pressure->kilopascals() : $pressure->poundsPerSquareInch();

        return number_format($amount, 0, '.', '')." {$this->value}";
    }
}
