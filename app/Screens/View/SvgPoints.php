<?php

declare(strict_types=1);

namespace App\Screens\View;

use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

/** A figure's points as an SVG attribute, to the whole millimetre. */
final class SvgPoints
{
    public static function of(Figure $figure): string
    {
        return implode(' ', array_map(
            static fn (Point $point): string => (int) round($point->x).','.(int) round($point->y),
            $figure->points,
        ));
    }
}
