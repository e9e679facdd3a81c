<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\CloseUp;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

/** Shank with its holes, head tilted over its washers, ball: the front half of a close-up. */
final readonly class HeadView
{
    private const PLATE_LEFT = 30.0;

    private const PLATE_RIGHT = 46.0;

    private const LOWEST_HOLE = 58.0;

    /** From the lowest hole to the highest. */
    private const HOLES_REACH = 62.0;

    /** One washer's thickness, drawn large enough to count. */
    private const SLAB = 4.0;

    /** Tilt of one step, drawn larger than it is; radians. */
    private const TILT = 0.035;

    /** From the hole in use up to where the washers sit. */
    private const WASHERS_UP = 24.0;

    private StepColumn $column;

    public function __construct(private Setting $setting, private ?Adjuster $head, private ?Adjuster $tilt)
    {
        $this->column = new StepColumn($head, self::LOWEST_HOLE, self::LOWEST_HOLE + self::HOLES_REACH);
    }

    /** @return non-empty-list<Figure> */
    public function figures(): array
    {
        $figures = [
            self::box(-4.0, 92.0, self::PLATE_RIGHT, 114.0),
            self::box(
                self::PLATE_LEFT,
                self::LOWEST_HOLE - 16.0,
                self::PLATE_RIGHT,
                self::LOWEST_HOLE + self::HOLES_REACH + 16.0,
            ),
            ...$this->column->holes(self::PLATE_RIGHT - 7.0, 4.0),
        ];
        for ($slab = 0; $slab < $this->slabs(); $slab++) {
            $left = self::PLATE_RIGHT + 2.0 + $slab * self::SLAB;
            $figures[] = self::box(
                $left,
                $this->pivot() + self::WASHERS_UP - 7.0,
                $left + self::SLAB - 1.0,
                $this->pivot() + self::WASHERS_UP + 7.0,
            );
        }

        return [
            ...$figures,
            ...array_map(fn (Figure $figure): Figure => $figure->moved($this->tilted(...)), $this->upright()),
        ];
    }

    /** @return list<StepMark> */
    public function marks(): array
    {
        $marks = $this->isKnown($this->head)
            ? $this->column->marks(self::PLATE_LEFT - 13.0, $this->bolted())
            : $this->column->unmarked(self::PLATE_LEFT - 13.0);

        return $this->tilt === null ? $marks : [...$marks, $this->washers($this->tilt)];
    }

    private function washers(Adjuster $tilt): StepMark
    {
        $at = new Point(
            self::PLATE_RIGHT + 8.0 + ($this->slabs() * self::SLAB) / 2,
            $this->pivot() + self::WASHERS_UP + 25.0,
        );
        $step = $this->setting->step($tilt->key);

        return $this->isKnown($tilt) ? StepMark::inUse($tilt, $step, $at) : StepMark::unknown($tilt, $step, $at);
    }

    private function isKnown(?Adjuster $adjuster): bool
    {
        return $adjuster === null || $this->setting->knows($adjuster->key);
    }

    /** Where the bar leaves the head. */
    public function socket(): Point
    {
        return $this->tilted(new Point(106.0, $this->pivot() - 14.0));
    }

    /** How far the head leans to the rear, radians as drawn. */
    public function lean(): float
    {
        return $this->tilt === null
            ? 0.0
            : self::TILT * ($this->setting->step($this->tilt->key) - $this->tilt->range->from);
    }

    /** Where a screw stands on the head. */
    public function screw(): Point
    {
        return $this->tilted(new Point(94.0, $this->pivot() - 24.0));
    }

    /** The height of the hole that the head is bolted at. */
    private function pivot(): float
    {
        return $this->column->at($this->bolted());
    }

    private function bolted(): float
    {
        return $this->head === null ? 0.0 : $this->setting->step($this->head->key);
    }

    private function slabs(): int
    {
        return $this->tilt === null ? 0 : (int) round($this->setting->step($this->tilt->key));
    }

    /** @return list<Figure> head and ball before they are tilted */
    private function upright(): array
    {
        $at = $this->pivot();
        $left = self::PLATE_RIGHT + 2.0;

        return [
            Figure::rounded(DrawnPart::Frame, [
                [$left, $at - 12.0, 4.0],
                [$left, $at + 34.0, 4.0],
                [98.0, $at + 34.0, 6.0],
                [108.0, $at + 4.0, 6.0],
                [108.0, $at - 26.0, 6.0],
                [78.0, $at - 26.0, 6.0],
            ]),
            self::box(76.0, $at + 34.0, 84.0, $at + 44.0),
            Figure::circle(DrawnPart::Frame, new Point(80.0, $at + 53.0), 11.0),
        ];
    }

    /** About the hole in use, the top to the rear; washers push it that far off the plate. */
    private function tilted(Point $point): Point
    {
        [$x, $y] = [$point->x - self::PLATE_RIGHT, $point->y - $this->pivot()];

        return new Point(
            self::PLATE_RIGHT + $x * cos($this->lean()) + $y * sin($this->lean()),
            $this->pivot() - $x * sin($this->lean()) + $y * cos($this->lean()),
        );
    }

    private static function box(float $left, float $bottom, float $right, float $top): Figure
    {
        return Figure::rounded(DrawnPart::Frame, [
            [$left, $bottom, 2.0],
            [$left, $top, 2.0],
            [$right, $top, 2.0],
            [$right, $bottom, 2.0],
        ]);
    }
}
