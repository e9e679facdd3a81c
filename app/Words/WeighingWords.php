<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Foundation\Units\LoadUnit;
use Yoke\Measuring\Readings\Weighing\Mismatch;

/** What tickets say, in words. */
final class WeighingWords
{
    public static function mismatch(Mismatch $mismatch, LoadUnit $unit): string
    {
        return Text::of(
            "weighing.{$mismatch->kind->value}",
            array_combine(
                array_slice(['load', 'other', 'expected'], 0, count($mismatch->loads)),
                array_map($unit->nearest(...), $mismatch->loads),
            ),
        );
    }
}
