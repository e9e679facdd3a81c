<?php

declare(strict_types=1);

namespace Yoke\Workshop\Service;

use Yoke\Foundation\Units\Torque;

/** A fastener as a wrench found it, against its sheet: over-tight is as bad as loose. */
final readonly class TorqueDone
{
    /** So much off the sheet's torque a wrench and its hand may be. */
    private const WITHIN = 0.08;

    /**
     * @param  Torque  $sheet  above 0
     * @param  Torque  $wrench  0 or more
     */
    public function __construct(public Torque $sheet, public Torque $wrench)
    {
    }

    public function isRight(): bool
    {
        return abs($this->off()) <= self::WITHIN;
    }

    public function finding(): TorqueFinding
    {
        return match (true) {
            $this->isRight() => TorqueFinding::Right,
            $this->off() < 0.0 => TorqueFinding::Loose,
            default => TorqueFinding::OverTight,
        };
    }

    private function off(): float
    {
        return $this->wrench->newtonMetres() / $this->sheet->newtonMetres() - 1.0;
    }
}
