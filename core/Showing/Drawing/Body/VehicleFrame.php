<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

/** What a vehicle's silhouette is hung on: its axles, its arches, its two ends. All in mm. */
final readonly class VehicleFrame
{
    /** The body ends this far ahead of the ball. */
    private const BALL_BEHIND_BODY = 260.0;

    private const POINTS_PER_ARCH = 12;

    public function __construct(
        public float $wheelbase,
        public float $overhang,
        public float $frontArch,
        public float $rearArch,
        public float $wheelRadius,
    ) {
    }

    /** So far along the wheelbase: 0 at the front axle, 1 at the rear. */
    public function along(float $share): float
    {
        return $share * $this->wheelbase;
    }

    public function nose(): float
    {
        return -0.245 * $this->wheelbase;
    }

    public function tail(): float
    {
        return $this->wheelbase + $this->overhang - self::BALL_BEHIND_BODY;
    }

    /** The lower edge of the doors. */
    public function sill(): float
    {
        return $this->wheelRadius * 1.08;
    }

    /**
     * The closed body: the corners given run from the nose over the roof to the tail, and the two wheel arches
     * close it below, their tops at the fender heights.
     *
     * @param  list<array{float, float, float}>  $corners  x, y, radius
     */
    public function body(array $corners): Figure
    {
        return Figure::area(DrawnPart::Body, [
            ...Figure::round($corners),
            ...$this->arch($this->wheelbase, $this->rearArch),
            ...$this->arch(0.0, $this->frontArch),
        ]);
    }

    /** @return list<Point> */
    private function arch(float $axle, float $top): array
    {
        $points = [];
        for ($i = 0; $i <= self::POINTS_PER_ARCH; $i++) {
            $angle = M_PI * $i / self::POINTS_PER_ARCH;
            $points[] = new Point(
                $axle + 1.24 * $this->wheelRadius * cos($angle),
                $this->sill() + ($top - $this->sill()) * sin($angle),
            );
        }

        return $points;
    }
}
