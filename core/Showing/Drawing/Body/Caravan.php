<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;

final readonly class Caravan implements TrailerProfile
{
    public function wheelRadius(): float
    {
        return 325.0;
    }

    public function figures(TrailerFrame $frame): array
    {
        $front = $frame->front();
        $tail = $frame->tail();

        return [
            Figure::rounded(DrawnPart::Body, [
                [$front, 560, 120],
                [$front + 40, 1350, 420],
                [$front + 520, 2500, 520],
                [$tail - 240, 2540, 460],
                [$tail, 1400, 380],
                [$tail - 30, 560, 140],
            ]),
            Figure::rounded(DrawnPart::Glass, [
                [$front + 900, 1380, 70],
                [$front + 900, 1980, 70],
                [$front + 1750, 1980, 70],
                [$front + 1750, 1380, 70],
            ]),
            Figure::rounded(DrawnPart::Glass, [
                [$tail - 1250, 1380, 70],
                [$tail - 1250, 1980, 70],
                [$tail - 520, 1980, 70],
                [$tail - 520, 1380, 70],
            ]),
            $frame->line($front + 20, 1130, $tail - 20, 1130),
            $frame->mudguard(),
        ];
    }
}
