<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Text;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;

/**
 * Prints lengths in a person's unit and fineness. Fractions come out in lowest terms: `38 1/2 in`, `977 mm`.
 */
final readonly class LengthPrinter
{
    public function __construct(private Fineness $fineness)
    {
    }

    public function fineness(): Fineness
    {
        return $this->fineness;
    }

    /** To the nearest step, halves away from zero. */
    public function nearest(Length $length): string
    {
        return $this->steps((int) round($this->inSteps($length)), '-');
    }

    /** As nearest(), without the unit: for where the unit stands once for many figures. */
    public function bare(Length $length): string
    {
        return substr($this->nearest($length), 0, -strlen(' '.$this->fineness->unit()->value));
    }

    /** As nearest(), with a plus sign for what rises: for changes of height. */
    public function change(Length $length): string
    {
        $steps = (int) round($this->inSteps($length));

        return ($steps > 0 ? '+' : '').$this->steps($steps, '−');
    }

    /** One standard deviation, rounded up to a whole step so that it never claims too much: `± 1/16 in`. */
    public function doubt(Length $deviation): string
    {
        return "±\u{A0}".$this->steps(max(1, (int) ceil($this->inSteps($deviation->absolute()) - 0.05)), '-');
    }

    /** To a tenth of a millimetre or a hundredth of an inch, for figures that are computed and not taped. */
    public function fine(Length $length): string
    {
        return $this->fineness->unit() === LengthUnit::Millimetre
            ? number_format($length->millimetres(), 1, '.', '').' mm'
            : number_format($length->inches(), 2, '.', '').' in';
    }

    private function inSteps(Length $length): float
    {
        return $length->millimetres() / $this->fineness->step()->millimetres();
    }

    private function steps(int $steps, string $minus): string
    {
        $unit = $this->fineness->unit()->value;
        $perUnit = $this->fineness->stepsPerUnit();
        $whole = intdiv(abs($steps), $perUnit);
        $rest = abs($steps) % $perUnit;
        $parts = array_filter([
            $whole > 0 || $rest === 0 ? (string) $whole : '',
            $rest > 0 ? $this->lowestTerms($rest, $perUnit) : '',
            $unit,
        ], static fn (string $part): bool => $part !== '');

        return ($steps < 0 ? $minus : '').implode(' ', $parts);
    }

    private function lowestTerms(int $numerator, int $denominator): string
    {
        while ($numerator % 2 === 0) {
            $numerator = intdiv($numerator, 2);
            $denominator = intdiv($denominator, 2);
        }

        return "{$numerator}/{$denominator}";
    }
}
