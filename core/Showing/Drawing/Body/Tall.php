<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;

/** A tall trailer, its centre of gravity high, with a louvred upper storey. */
final readonly class Tall implements TrailerProfile
{
    private const LOUVRES = 5;

    public function wheelRadius(): float
    {
        return 345.0;
    }

    public function figures(TrailerFrame $frame): array
    {
        $front = $frame->front();
        $tail = $frame->tail();
        $louvres = [];
        for ($i = 0; $i < self::LOUVRES; $i++) {
            $louvres[] = $frame->line($front + 700, 2520 + 130 * $i, $tail - 700, 2520 + 130 * $i);
        }

        return [
            Figure::rounded(DrawnPart::Body, [
                [$front, 560, 20],
                [$front, 2280, 30],
                [$front + 160, 2380, 60],
                [$front + 160, 3240, 40],
                [($front + $tail) / 2, 3420, 300],
                [$tail - 160, 3240, 40],
                [$tail - 160, 2380, 60],
                [$tail, 2280, 30],
                [$tail, 560, 20],
            ]),
            $frame->line($front + 60, 2340, $tail - 60, 2340),
            $frame->line($front + 10, 800, $tail - 10, 800),
            ...$louvres,
            $frame->mudguard(),
        ];
    }
}
