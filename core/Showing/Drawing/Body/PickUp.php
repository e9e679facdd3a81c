<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

final readonly class PickUp implements VehicleProfile
{
    public function wheelRadius(): float
    {
        return 395.0;
    }

    public function usualArch(): float
    {
        return 960.0;
    }

    public function figures(VehicleFrame $frame): array
    {
        $nose = $frame->nose();
        $tail = $frame->tail();

        return [
            $frame->body([
                [$nose + 30, $frame->sill(), 60],
                [$nose, 780, 70],
                [$nose + 30, 1080, 70],
                [$nose + 190, 1200, 130],
                [$frame->along(0.2), 1275, 60],
                [$frame->along(0.375), 1800, 150],
                [$frame->along(0.7), 1825, 140],
                [$frame->along(0.775), 1770, 120],
                [$frame->along(0.795), 1290, 30],
                [$tail, 1290, 40],
                [$tail - 15, 690, 20],
                [$tail + 100, 670, 25],
                [$tail + 95, 520, 40],
                [$tail - 60, $frame->sill(), 60],
            ]),
            Figure::rounded(DrawnPart::Glass, [
                [$frame->along(0.245), 1290, 30],
                [$frame->along(0.395), 1730, 60],
                [$frame->along(0.54), 1745, 30],
                [$frame->along(0.54), 1290, 30],
            ]),
            Figure::rounded(DrawnPart::Glass, [
                [$frame->along(0.565), 1290, 30],
                [$frame->along(0.565), 1748, 30],
                [$frame->along(0.7), 1745, 60],
                [$frame->along(0.75), 1700, 60],
                [$frame->along(0.762), 1290, 30],
            ]),
            Figure::line(DrawnPart::Trim, [
                new Point($frame->along(0.553), 1770),
                new Point($frame->along(0.553), $frame->sill() + 40),
            ]),
            Figure::line(DrawnPart::Trim, [
                new Point($frame->along(0.795), 1290),
                new Point($frame->along(0.795), $frame->sill() + 60),
            ]),
            Figure::line(DrawnPart::Trim, [new Point($frame->along(0.24), 1130), new Point($frame->along(0.78), 1130)]),
        ];
    }
}
