<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

final readonly class Suv implements VehicleProfile
{
    public function wheelRadius(): float
    {
        return 365.0;
    }

    public function usualArch(): float
    {
        return 850.0;
    }

    public function figures(VehicleFrame $frame): array
    {
        $nose = $frame->nose();
        $tail = $frame->tail();

        return [
            $frame->body([
                [$nose + 40, $frame->sill(), 60],
                [$nose, 700, 80],
                [$nose + 40, 960, 90],
                [$nose + 230, 1090, 160],
                [$frame->along(0.18), 1180, 80],
                [$frame->along(0.4), 1690, 190],
                [$tail - 420, 1700, 260],
                [$tail - 70, 1160, 120],
                [$tail - 20, 800, 60],
                [$tail + 40, 620, 40],
                [$tail + 10, 480, 60],
                [$tail - 80, $frame->sill(), 60],
            ]),
            Figure::rounded(DrawnPart::Glass, [
                [$frame->along(0.245), 1195, 30],
                [$frame->along(0.425), 1625, 70],
                [$frame->along(0.565), 1635, 30],
                [$frame->along(0.565), 1195, 30],
            ]),
            Figure::rounded(DrawnPart::Glass, [
                [$frame->along(0.59), 1195, 30],
                [$frame->along(0.59), 1635, 30],
                [$frame->along(0.86), 1638, 30],
                [$frame->along(0.89), 1195, 30],
            ]),
            Figure::rounded(DrawnPart::Glass, [
                [$frame->along(0.925), 1195, 60],
                [$frame->along(0.9), 1636, 30],
                [$tail - 440, 1632, 120],
                [$tail - 240, 1195, 60],
            ]),
            Figure::line(DrawnPart::Trim, [
                new Point($frame->along(0.578), 1650),
                new Point($frame->along(0.578), $frame->sill() + 40),
            ]),
            Figure::line(DrawnPart::Trim, [new Point($frame->along(0.24), 1040), new Point($tail - 60, 1040)]),
        ];
    }
}
