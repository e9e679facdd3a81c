<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Proving\Simulation\RandomSource;
use Yoke\Proving\Simulation\SeededSource;

/** Chance that belongs to a place and not to the order in which it is asked: who does the same meets the same. */
final class Noise
{
    private const BY = 1_000_003;

    private const WITHIN = 2_147_483_647;

    /** @param  int  ...$parts  of what it belongs to, any whole numbers */
    public static function at(int ...$parts): RandomSource
    {
        $seed = 17;
        foreach ($parts as $part) {
            $seed = ($seed * self::BY + $part + self::WITHIN) % self::WITHIN;
        }

        return new SeededSource($seed);
    }
}
