<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Text;

use Yoke\Foundation\Units\Exception\UnreadableLoad;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;

/**
 * Reads a weight as people type it: `6800 lb`, `3100`, `3,1 t`, `2950.5 kg`. A bare number is in the default unit.
 */
final readonly class LoadParser
{
    private const GRAMMAR = '/^\s*(?<sign>[-+−])?\s*(?<number>\d{1,7}(?:[.,]\d{0,6})?)\s*(?<unit>kgs?|t|lbs?)?\s*$/iu';

    public function __construct(private LoadUnit $default)
    {
    }

    /** @throws UnreadableLoad */
    public function parse(string $typed): Load
    {
        if (trim($typed) === '') {
            throw UnreadableLoad::empty();
        }
        if (preg_match(self::GRAMMAR, $typed, $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw UnreadableLoad::text($typed);
        }
        $load = $this->unit($part['unit'])->load((float) str_replace(',', '.', $part['number']));

        return in_array($part['sign'], ['-', '−'], true) ? $load->negated() : $load;
    }

    /** The unit that a text says; the default one where it says none, or does not read. */
    public function unitOf(string $typed): LoadUnit
    {
        return preg_match(self::GRAMMAR, $typed, $part, PREG_UNMATCHED_AS_NULL) === 1
            ? $this->unit($part['unit'])
            : $this->default;
    }

    private function unit(?string $said): LoadUnit
    {
        return match (strtolower(rtrim($said ?? '', 'sS'))) {
            '' => $this->default,
            't' => LoadUnit::Tonne,
            'lb' => LoadUnit::Pound,
            default => LoadUnit::Kilogram,
        };
    }
}
