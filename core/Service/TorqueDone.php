<?php

declare(strict_types=1);

namespace Yoke\Service;

use Yoke\Units\Torque;
use Yoke\Units\TorqueUnit;

/** A fastener as a wrench found it, against its sheet: over-tight is as bad as loose. */
final readonly class TorqueDone
{
    /** So much off the sheet's torque a wrench and its hand may be. */
    private const WITHIN = 0.08;

    /**
     * @param  Torque  $sheet  above 0
     * @param  Torque  $wrench  0 or more
     */
    public function __construct(private Torque $sheet, private Torque $wrench)
    {
    }

    public function isRight(): bool
    {
        return abs($this->off()) <= self::WITHIN;
    }

    /** What to do about it, in a sentence, or an empty text. */
    public function says(TorqueUnit $unit): string
    {
        return match (true) {
            $this->isRight() => '',
            $this->off() < 0.0 => "Loose: {$unit->nearest($this->wrench)}, the sheet asks for {$unit->nearest($this->sheet)}. Tighten it with the wrench.",
            default => "Over-tight, as bad as loose: {$unit->nearest($this->wrench)}, the sheet asks for {$unit->nearest($this->sheet)}. Slacken it, look at bolt and thread, and tighten it again.",
        };
    }

    private function off(): float
    {
        return $this->wrench->newtonMetres() / $this->sheet->newtonMetres() - 1.0;
    }
}
