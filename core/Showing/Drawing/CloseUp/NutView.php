<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\CloseUp;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

/** The end of a tension chain at the frame: an eye bolt through a bracket, and the nut that is turned on its thread. */
final readonly class NutView implements TakeUpView
{
    private const THREAD_REACH = 26.0;

    public function __construct(private Adjuster $threads, private float $step)
    {
    }

    public function figures(): array
    {
        $bolt = CloseUpSheet::FRAME - 22.0;
        $nut = CloseUpSheet::HOOK + 12.0;
        $end = $nut + 12.0 + self::THREAD_REACH * $this->share();

        return [
            self::box(
                CloseUpSheet::HOOK,
                CloseUpSheet::FRAME - 40.0,
                CloseUpSheet::HOOK + 12.0,
                CloseUpSheet::FRAME + 16.0,
            ),
            Figure::line(DrawnPart::Link, [$this->tip(), new Point($end, $bolt)]),
            self::box($nut, $bolt - 8.0, $nut + 12.0, $bolt + 8.0),
        ];
    }

    public function marks(): array
    {
        return [
            StepMark::inUse(
                $this->threads,
                $this->step,
                new Point(CloseUpSheet::HOOK + 24.0, CloseUpSheet::FRAME - 50.0),
            ),
        ];
    }

    public function tip(): Point
    {
        return new Point(CloseUpSheet::HOOK - 14.0, CloseUpSheet::FRAME - 22.0);
    }

    /** How much of the thread stands behind the nut, 0 to 1. */
    private function share(): float
    {
        return ($this->step - $this->threads->range->from) /
            max(1.0, $this->threads->range->to - $this->threads->range->from);
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
