<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

/**
 * The units a scale or a placard may use. The value is the unit's sign as it is printed.
 */
enum LoadUnit: string
{
    case Kilogram = 'kg';
    case Tonne = 't';
    case Pound = 'lb';

    public function load(float $amount): Load
    {
        return match ($this) {
            self::Kilogram => Load::ofKilograms($amount),
            self::Tonne => Load::ofKilograms($amount * 1000),
            self::Pound => Load::ofPounds($amount),
        };
    }

    /** To the nearest whole kilogram or pound, halves away from zero; a tonne to three places. */
    public function nearest(Load $load): string
    {
        return match ($this) {
            self::Kilogram => number_format($load->kilograms(), 0, '.', '').' kg',
            self::Tonne => number_format($load->kilograms() / 1000, 3, '.', '').' t',
            self::Pound => number_format($load->pounds(), 0, '.', '').' lb',
        };
    }
}
