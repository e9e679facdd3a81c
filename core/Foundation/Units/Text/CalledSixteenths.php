<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Text;

/** Heights as they are called at the fender, whole inches and sixteenths: `38 6` is 38 6/16. */
final class CalledSixteenths
{
    private const CALLED = '/^\s*(?<whole>\d{1,3})\s+(?<sixteenths>\d{1,2})\s*$/';

    /** The same with the fraction written out; what was not called so stays as it is, for a parser to judge. */
    public static function written(string $typed): string
    {
        return preg_match(self::CALLED, $typed, $part) === 1 ? "{$part['whole']} {$part['sixteenths']}/16" : $typed;
    }
}
