<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

/** The units of roads and speeds; kilometres inside. The value is the sign of a distance. */
enum RoadUnit: string
{
    case Kilometre = 'km';
    case Mile = 'mi';

    private const KILOMETRES_PER_MILE = 1.609344;

    private const GRAMMAR = '/^\s*(?<number>\d{1,6}(?:[.,]\d{0,3})?)\s*(?<unit>km(?:\/?h)?|mi(?:les?)?|mph)?\s*$/i';

    /** Kilometres, or kilometres an hour; null where it does not read. A number without a unit is in this one. */
    public function read(string $typed): ?float
    {
        if (preg_match(self::GRAMMAR, $typed, $part) !== 1) {
            return null;
        }
        $unit = match (true) {
            ($part['unit'] ?? '') === '' => $this,
            str_starts_with(strtolower($part['unit']), 'k') => self::Kilometre,
            default => self::Mile,
        };

        return (float) str_replace(',', '.', $part['number']) *
            ($unit === self::Mile ? self::KILOMETRES_PER_MILE : 1.0);
    }

    /** To the nearest whole one. */
    public function distance(float $kilometres): string
    {
        return number_format($this->of($kilometres), 0, '.', '').' '.$this->value;
    }

    public function speed(float $kilometresAnHour): string
    {
        return number_format($this->of($kilometresAnHour), 0, '.', '').($this === self::Mile ? ' mph' : ' km/h');
    }

    /** So many kilometres, or kilometres an hour, in this unit. */
    public function of(float $kilometres): float
    {
        return $this === self::Mile ? $kilometres / self::KILOMETRES_PER_MILE : $kilometres;
    }
}
