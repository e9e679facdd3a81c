<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

final readonly class Crossover implements VehicleProfile
{
    public function wheelRadius(): float
    {
        return 340.0;
    }

    public function usualArch(): float
    {
        return 760.0;
    }

    public function figures(VehicleFrame $frame): array
    {
        $nose = $frame->nose();
        $tail = $frame->tail();

        return [
            $frame->body([
                [$nose + 60, $frame->sill(), 60],
                [$nose, 600, 90],
                [$nose + 60, 840, 110],
                [$nose + 300, 960, 200],
                [$frame->along(0.16), 1060, 120],
                [$frame->along(0.43), 1545, 240],
                [$tail - 620, 1540, 300],
                [$tail - 170, 1110, 160],
                [$tail - 30, 900, 80],
                [$tail + 20, 560, 60],
                [$tail - 60, $frame->sill(), 60],
            ]),
            Figure::rounded(DrawnPart::Glass, [
                [$frame->along(0.25), 1075, 40],
                [$frame->along(0.455), 1475, 90],
                [$frame->along(0.585), 1485, 30],
                [$frame->along(0.585), 1075, 30],
            ]),
            Figure::rounded(DrawnPart::Glass, [
                [$frame->along(0.61), 1075, 30],
                [$frame->along(0.61), 1485, 30],
                [$tail - 660, 1470, 160],
                [$tail - 420, 1090, 90],
            ]),
            Figure::line(DrawnPart::Trim, [
                new Point($frame->along(0.597), 1500),
                new Point($frame->along(0.597), $frame->sill() + 40),
            ]),
            Figure::line(DrawnPart::Trim, [new Point($frame->along(0.22), 900), new Point($tail - 60, 900)]),
        ];
    }
}
