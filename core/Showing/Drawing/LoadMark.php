<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

/** Where a load is marked in a drawing: x behind the front axle, y above the ground, mm. */
final readonly class LoadMark
{
    /** Marks nearer than this to each other are stacked, mm. */
    public const APART = 340.0;

    /** Of the lowest row. */
    private const Y = 900.0;

    private function __construct(public float $x, public float $y)
    {
    }

    /**
     * @param  list<float>  $places  behind the front axle
     * @return list<self> in the same order, none on top of another
     */
    public static function rows(array $places): array
    {
        $marks = [];
        foreach ($places as $x) {
            $y = self::Y;
            foreach ($marks as $mark) {
                $y = abs($mark->x - $x) < self::APART ? max($y, $mark->y + self::APART) : $y;
            }
            $marks[] = new self($x, $y);
        }

        return $marks;
    }
}
