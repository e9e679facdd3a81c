<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\CloseUp;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Family\TakeUp;
use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

/** A bracket under the frame with its holes, and the ledge that the bar lies on at one of them. */
final readonly class LedgeView implements TakeUpView
{
    private const HOLES_FROM = 24.0;

    private const HOLES_TO = 140.0;

    private const UPRIGHT = 12.0;

    private StepColumn $column;

    /**
     * @param  Adjuster|null  $holes  null where the ledge has one place only
     * @param  float  $step  the hole in use
     */
    public function __construct(private TakeUp $by, ?Adjuster $holes, private float $step)
    {
        $this->column = new StepColumn($holes, self::HOLES_FROM, self::HOLES_TO);
    }

    public function figures(): array
    {
        $left = CloseUpSheet::HOOK + 8.0;
        $figures = [
            Figure::rounded(DrawnPart::Frame, [
                [$left, self::HOLES_FROM - 16.0, 3.0],
                [$left, CloseUpSheet::FRAME + 22.0, 3.0],
                [$left + self::UPRIGHT, CloseUpSheet::FRAME + 22.0, 3.0],
                [$left + self::UPRIGHT, self::HOLES_FROM - 16.0, 3.0],
            ]),
        ];
        $ledge = $this->column->at($this->step);

        return [
            ...$figures,
            ...$this->column->holes($left + self::UPRIGHT / 2, 3.5),
            ...$this->cover(),
            Figure::rounded(DrawnPart::Link, [
                [CloseUpSheet::HOOK - 22.0, $ledge - 4.0, 2.0],
                [CloseUpSheet::HOOK - 22.0, $ledge + 1.0, 2.0],
                [$left + 2.0, $ledge + 1.0, 2.0],
                [$left + 2.0, $ledge - 4.0, 2.0],
            ]),
        ];
    }

    /** @return list<Figure> the cover over a pad, seen open from the side */
    private function cover(): array
    {
        $ledge = $this->column->at($this->step);

        return $this->by !== TakeUp::CoveredPad
            ? []
            : [
                Figure::line(DrawnPart::Trim, [
                    new Point(CloseUpSheet::HOOK - 30.0, $ledge - 8.0),
                    new Point(CloseUpSheet::HOOK - 30.0, $ledge + 22.0),
                    new Point(CloseUpSheet::HOOK + 8.0, $ledge + 22.0),
                ]),
            ];
    }

    public function marks(): array
    {
        return $this->column->marks(CloseUpSheet::HOOK + 38.0, $this->step);
    }

    public function tip(): Point
    {
        return new Point(CloseUpSheet::HOOK - 8.0, $this->column->at($this->step) + 6.0);
    }
}
