<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

use Yoke\Foundation\Units\Exception\UnreadableQuantity;
use Yoke\Foundation\Units\Internal\NumberWithUnit;

/** The unit a wrench is set in. */
enum TorqueUnit: string
{
    case NewtonMetre = 'N·m';
    case PoundFoot = 'lb·ft';

    /**
     * What was typed; a bare number is in this unit.
     *
     * @throws UnreadableQuantity
     */
    public function parse(string $typed): Torque
    {
        $read = NumberWithUnit::read($typed) ?? throw UnreadableQuantity::torque($typed);

        return match ($read->unit === '' && $this === self::NewtonMetre ? 'nm' : $read->unit) {
            'nm', 'newtonmetre', 'newtonmetres', 'newtonmeter', 'newtonmeters' => Torque::ofNewtonMetres($read->number),
            '',
            'lbft',
            'lbsft',
            'lbfft',
            'ftlb',
            'ftlbs',
            'ftlbf',
            'footpound',
            'footpounds',
            'poundfoot',
            'poundfeet' => Torque::ofPoundFeet($read->number),
            default => throw UnreadableQuantity::torque($typed),
        };
    }

    /** To the nearest whole unit. */
    public function nearest(Torque $torque): string
    {
        $amount = $this === self::NewtonMetre ? $torque->newtonMetres() : $torque->poundFeet();

        return number_format($amount, 0, '.', '')." {$this->value}";
    }
}
