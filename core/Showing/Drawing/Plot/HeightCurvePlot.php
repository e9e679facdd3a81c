<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Plot;

use Yoke\Foundation\Probability\Normal;
use Yoke\Showing\Drawing\Point;

/**
 * Loads against heights: a straight line with its doubt, and readings about it. Places are percent of the plot, from
 * its upper left.
 */
final readonly class HeightCurvePlot
{
    private const ROOM_MM = 60.0;

    /** Of the loads' span, above and below. */
    private const ROOM = 0.15;

    private const LINE_POINTS = 16;

    /** Gridlines come no closer than so many to a side. */
    private const LINES = 5;

    private const STEPS = [1, 2, 5, 10, 20, 25, 50, 100, 200, 250, 500, 1000];

    private float $left;

    private float $right;

    private float $low;

    private float $high;

    /**
     * @param  \Closure(float): Normal  $line  the load at a height in mm, in kg
     * @param  non-empty-list<array{float, Normal}>  $points  height in mm, load in kg
     */
    public function __construct(private \Closure $line, array $points)
    {
        $heights = array_column($points, 0);
        $this->left = min($heights) - self::ROOM_MM;
        $this->right = max($heights) + self::ROOM_MM;
        $shown = [$line($this->left), $line($this->right), ...array_column($points, 1)];
        $low = min(array_map(static fn (Normal $load): float => $load->mean() - $load->deviation(), $shown));
        $high = max(array_map(static fn (Normal $load): float => $load->mean() + $load->deviation(), $shown));
        $this->low = $low - self::ROOM * ($high - $low);
        $this->high = $high + self::ROOM * ($high - $low);
    }

    public function at(float $height, float $load): Point
    {
        return new Point(
            (100 * ($height - $this->left)) / ($this->right - $this->left),
            (100 * ($this->high - $load)) / ($this->high - $this->low),
        );
    }

    /** @return list<Point> */
    public function line(): array
    {
        return array_map(
            fn (float $height): Point => $this->at($height, ($this->line)($height)->mean()),
            $this->along(),
        );
    }

    /** @return list<Point> a deviation above the line there, and below it back */
    public function doubt(): array
    {
        $edge = fn (int $sign): array => array_map(
            fn (float $height): Point => $this->at(
                $height,
                ($this->line)($height)->mean() + $sign * ($this->line)($height)->deviation(),
            ),
            $this->along(),
        );
        $below = $edge(-1);
        usort($below, static fn (Point $one, Point $other): int => $other->x <=> $one->x);

        return [...$edge(1), ...$below];
    }

    /**
     * Round heights across, and round loads up.
     *
     * @param  float  $heightUnit  mm in the unit that is shown
     * @param  float  $loadUnit  kg in the unit that is shown
     * @return array{heights: list<float>, loads: list<float>} mm and kg
     */
    public function gridlines(float $heightUnit, float $loadUnit): array
    {
        return [
            'heights' => self::round($this->left, $this->right, $heightUnit),
            'loads' => self::round($this->low, $this->high, $loadUnit),
        ];
    }

    /** @return list<float> */
    private static function round(float $from, float $to, float $unit): array
    {
        $span = ($to - $from) / $unit;
        $steps = array_values(array_filter(self::STEPS, static fn (int $step): bool => $span / $step <= self::LINES));
        $step = ($steps[0] ?? 1000) * $unit;
        $lines = [];
        for ($i = (int) ceil($from / $step); $i * $step <= $to; $i++) {
            $lines[] = $i * $step;
        }

        return $lines;
    }

    /** @return list<float> */
    private function along(): array
    {
        $heights = [];
        for ($i = 0; $i <= self::LINE_POINTS; $i++) {
            $heights[] = $this->left + (($this->right - $this->left) * $i) / self::LINE_POINTS;
        }

        return $heights;
    }
}
