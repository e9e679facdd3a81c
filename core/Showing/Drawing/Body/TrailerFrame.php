<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

/** What a trailer's silhouette is hung on; x here is mm behind the ball. */
final readonly class TrailerFrame
{
    public const COUPLER_HEIGHT = 480.0;

    public const AXLE_SPACING = 860.0;

    private const FRAME_DEPTH = 110.0;

    public function __construct(
        public float $ballToAxle,
        public float $barArm,
        public int $axles,
        public float $wheelRadius,
    ) {
    }

    /** Front of the body: behind the hook-up point, so that the A-frame shows. */
    public function front(): float
    {
        return min(0.45 * $this->ballToAxle, $this->barArm + 380.0);
    }

    public function tail(): float
    {
        return $this->ballToAxle + 0.74 * ($this->ballToAxle - $this->front());
    }

    /** @return non-empty-list<float> x of each axle, front to back */
    public function axlePlaces(): array
    {
        $foremost = $this->ballToAxle - (($this->axles - 1) / 2) * self::AXLE_SPACING;
        $places = [$foremost];
        for ($i = 1; $i < $this->axles; $i++) {
            $places[] = $foremost + $i * self::AXLE_SPACING;
        }

        return $places;
    }

    /** The A-frame from the coupler back under the body. */
    public function aFrame(): Figure
    {
        $top = self::COUPLER_HEIGHT + 70.0;

        return Figure::rounded(DrawnPart::Frame, [
            [-40, $top - 95, 20],
            [-40, $top - 10, 30],
            [90, $top + 5, 20],
            [$this->tail() - 60, $top, 10],
            [$this->tail() - 60, $top - self::FRAME_DEPTH, 10],
            [160, $top - self::FRAME_DEPTH, 30],
        ]);
    }

    /** One mudguard over all wheels of a side. */
    public function mudguard(): Figure
    {
        $places = $this->axlePlaces();
        $reach = $this->wheelRadius + 70.0;

        return Figure::line(
            DrawnPart::Trim,
            Figure::round([
                [min($places) - $reach, 1.55 * $this->wheelRadius, 0],
                [min($places) - $reach * 0.7, 2 * $this->wheelRadius + 100, 160],
                [max($places) + $reach * 0.7, 2 * $this->wheelRadius + 100, 160],
                [max($places) + $reach, 1.55 * $this->wheelRadius, 0],
            ]),
        );
    }

    public function line(float $fromX, float $fromY, float $toX, float $toY): Figure
    {
        return Figure::line(DrawnPart::Trim, [new Point($fromX, $fromY), new Point($toX, $toY)]);
    }
}
