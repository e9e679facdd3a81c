<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Internal;

/** A number above 0 and what stands behind it: `240 kPa`, `35psi`, `2,4`. */
final readonly class NumberWithUnit
{
    private const GRAMMAR = '/^\s*(?<number>\d{1,6}(?:[.,]\d{0,4})?)\s*(?<unit>[a-z][a-z·⋅.\-\/]*'.
        '(?: [a-z·⋅.\-\/]+)*)?\s*$/iu';

    private function __construct(public float $number, public string $unit)
    {
    }

    /** Null where it does not read so. The unit has its letters only, lower case; empty where none was typed. */
    public static function read(string $typed): ?self
    {
        return preg_match(self::GRAMMAR, $typed, $part, PREG_UNMATCHED_AS_NULL) === 1
            ? new self(
                (float) str_replace(',', '.', $part['number']),
                strtolower(str_replace(['·', '⋅', '.', '-', '/', ' '], '', $part['unit'] ?? '')),
            )
            : null;
    }
}
