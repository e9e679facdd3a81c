<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Text;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;

/**
 * A length together with the text a person typed for it, to the letter.
 */
final readonly class TypedLength
{
    private function __construct(
        /** Never changed, not even trimmed: it is the record. */
        private string $typed,
        private Length $length,
        /** The unit it was typed in, or taken to be in. */
        private LengthUnit $unit,
    ) {
    }

    public static function of(string $typed, Length $length, LengthUnit $unit): self
    {
        return new self($typed, $length, $unit);
    }

    public function typed(): string
    {
        return $this->typed;
    }

    public function length(): Length
    {
        return $this->length;
    }

    public function unit(): LengthUnit
    {
        return $this->unit;
    }

    /**
     * The text to show to a person: what was typed where it was typed in their kind of unit, else the same length
     * printed in theirs, to the nearest step of their fineness.
     */
    public function shownTo(LengthPrinter $person): string
    {
        return $this->unit->isMetric() === $person->fineness()->unit()->isMetric()
            ? $this->typed
            : $person->nearest($this->length);
    }
}
