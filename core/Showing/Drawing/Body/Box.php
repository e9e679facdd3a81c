<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;

final readonly class Box implements TrailerProfile
{
    public function wheelRadius(): float
    {
        return 345.0;
    }

    public function figures(TrailerFrame $frame): array
    {
        $front = $frame->front();
        $tail = $frame->tail();

        return [
            Figure::rounded(DrawnPart::Body, [
                [$front, 560, 20],
                [$front, 1200, 60],
                [$front + 130, 2560, 120],
                [$front + 260, 2680, 90],
                [$tail, 2680, 40],
                [$tail, 560, 20],
            ]),
            $frame->line($front + 10, 760, $tail, 760),
            $frame->line($front + 120, 2560, $tail, 2560),
            Figure::rounded(DrawnPart::Trim, [
                [$front + 520, 760, 10],
                [$front + 520, 2380, 40],
                [$front + 1250, 2380, 40],
                [$front + 1250, 760, 10],
            ]),
            $frame->mudguard(),
        ];
    }
}
