<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

use Closure;

/** A line or a closed area of the drawing. */
final readonly class Figure
{
    private const POINTS_PER_CORNER = 5;

    private const POINTS_PER_CIRCLE = 10;

    /** @param  list<Point>  $points */
    private function __construct(public DrawnPart $part, public array $points, public bool $closed)
    {
    }

    /** @param  list<Point>  $points */
    public static function line(DrawnPart $part, array $points): self
    {
        return new self($part, $points, false);
    }

    /** @param  list<Point>  $points */
    public static function area(DrawnPart $part, array $points): self
    {
        return new self($part, $points, true);
    }

    /**
     * A closed area with rounded corners.
     *
     * @param  list<array{float, float, float}>  $corners  x, y and radius of each corner, mm
     */
    public static function rounded(DrawnPart $part, array $corners): self
    {
        return new self($part, self::round($corners), true);
    }

    public static function circle(DrawnPart $part, Point $centre, float $radius): self
    {
        $points = [];
        for ($i = 0; $i < self::POINTS_PER_CIRCLE; $i++) {
            $angle = (2 * M_PI * $i) / self::POINTS_PER_CIRCLE;
            $points[] = new Point($centre->x + $radius * cos($angle), $centre->y + $radius * sin($angle));
        }

        return new self($part, $points, true);
    }

    /**
     * @param  list<array{float, float, float}>  $corners
     * @return list<Point>
     */
    public static function round(array $corners): array
    {
        $points = [];
        foreach ($corners as $i => [$x, $y, $radius]) {
            $before = $corners[($i + count($corners) - 1) % count($corners)];
            $after = $corners[($i + 1) % count($corners)];
            array_push(
                $points,
                ...self::corner(
                    new Point($before[0], $before[1]),
                    new Point($x, $y),
                    new Point($after[0], $after[1]),
                    $radius,
                ),
            );
        }

        return $points;
    }

    /** @param  Closure(Point): Point  $move */
    public function moved(Closure $move): self
    {
        return new self($this->part, array_map($move, $this->points), $this->closed);
    }

    /** @return list<Point> */
    private static function corner(Point $before, Point $corner, Point $after, float $radius): array
    {
        $reach = min($radius, $corner->distanceTo($before) / 2, $corner->distanceTo($after) / 2);
        if ($reach < 1.0) {
            return [$corner];
        }
        $from = $corner->towards($before, $reach / $corner->distanceTo($before));
        $to = $corner->towards($after, $reach / $corner->distanceTo($after));
        $points = [];
        for ($i = 0; $i < self::POINTS_PER_CORNER; $i++) {
            $share = $i / (self::POINTS_PER_CORNER - 1);
            $points[] = $from->towards($corner, $share)->towards($corner->towards($to, $share), $share);
        }

        return $points;
    }
}
