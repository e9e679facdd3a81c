<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\WeighTicket;
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

    /** @param  list<WeighTicket>  $tickets  oldest first */
    public static function counted(array $tickets): string
    {
        return $tickets === []
            ? ''
            : Text::choice('weighing.counted', count($tickets), [
                'last' => end($tickets)->weighed_at->isoFormat('D MMM YYYY'),
            ]);
    }
}
