<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;

final readonly class PopUp implements TrailerProfile
{
    public function wheelRadius(): float
    {
        return 290.0;
    }

    public function figures(TrailerFrame $frame): array
    {
        $front = $frame->front();
        $tail = $frame->tail();

        return [
            Figure::rounded(DrawnPart::Body, [
                [$front, 560, 40], [$front, 1120, 40], [$front - 60, 1130, 20], [$front - 40, 1330, 90],
                [$tail + 40, 1330, 90], [$tail + 60, 1130, 20], [$tail, 1120, 40], [$tail, 560, 40],
            ]),
            $frame->line($front, 1125, $tail, 1125),
            $frame->line($front, 800, $tail, 800),
            $frame->mudguard(),
        ];
    }
}
