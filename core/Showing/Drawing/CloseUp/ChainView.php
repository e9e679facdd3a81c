<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\CloseUp;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Family\TakeUp;
use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

/** A chain link by link: the working links from the bar up to the hook, those taken up hanging loose behind it. */
final readonly class ChainView implements TakeUpView
{
    private const HOOK_BELOW_FRAME = 14.0;

    private const LONGEST_LINK = 20.0;

    private const LOOSE_BEHIND = 26.0;

    /** The shackle between the last link and the bar. */
    private const SHACKLE = 8.0;

    /** @param  float  $step  the link in the hook, in steps of the adjuster; a half is a bolt between two links */
    public function __construct(private TakeUp $by, private Adjuster $links, private float $step)
    {
    }

    public function figures(): array
    {
        $hook = new Point(CloseUpSheet::HOOK, $this->hook());
        $figures = [
            Figure::rounded(DrawnPart::Frame, [
                [CloseUpSheet::HOOK - 14.0, CloseUpSheet::FRAME - 4.0, 3.0],
                [CloseUpSheet::HOOK - 14.0, CloseUpSheet::FRAME + 22.0, 3.0],
                [CloseUpSheet::HOOK + 14.0, CloseUpSheet::FRAME + 22.0, 3.0],
                [CloseUpSheet::HOOK + 14.0, CloseUpSheet::FRAME - 4.0, 3.0],
            ]),
            Figure::line(DrawnPart::Trim, [
                new Point($hook->x - 7.0, $hook->y + 12.0),
                new Point($hook->x - 7.0, $hook->y - 2.0),
                new Point($hook->x + 7.0, $hook->y - 2.0),
                new Point($hook->x + 7.0, $hook->y + 4.0),
            ]),
        ];
        foreach ($this->whole() as $link) {
            $figures[] = $this->link($this->place($link), $link);
        }

        return [...$figures, ...$this->holder()];
    }

    /** @return list<Figure> what tells one family's way of holding the chain from another's */
    private function holder(): array
    {
        $x = CloseUpSheet::HOOK;

        return match ($this->by) {
            TakeUp::SnapUpChain => [
                Figure::rounded(DrawnPart::Frame, [
                    [$x - 10.0, CloseUpSheet::FRAME + 14.0, 2.0],
                    [$x - 46.0, CloseUpSheet::FRAME + 26.0, 3.0],
                    [$x - 44.0, CloseUpSheet::FRAME + 30.0, 3.0],
                    [$x - 8.0, CloseUpSheet::FRAME + 20.0, 2.0],
                ]),
            ],
            TakeUp::LatchedChain => [
                Figure::circle(DrawnPart::Frame, new Point($x, CloseUpSheet::FRAME + 6.0), 13.0),
                Figure::circle(DrawnPart::Hole, new Point($x, CloseUpSheet::FRAME + 6.0), 4.0),
            ],
            default => [
                Figure::line(DrawnPart::Link, [
                    new Point($x - 40.0, CloseUpSheet::FRAME),
                    new Point($x - 40.0, $this->tip()->y + 15.0),
                ]),
                Figure::circle(DrawnPart::Frame, new Point($x - 40.0, $this->tip()->y + 9.0), 8.0),
            ],
        };
    }

    public function marks(): array
    {
        $marks = [
            StepMark::inUse($this->links, $this->step, new Point(CloseUpSheet::HOOK - 34.0, $this->hook() + 2.0)),
        ];
        foreach ($this->whole() as $link) {
            $place = $this->place($link);
            $isCrowded = $this->size() < CloseUpSheet::LEAST_APART && $this->isOdd($link);
            if (abs($link - $this->step) > 0.75 && ! $isCrowded) {
                $marks[] = StepMark::other(
                    $this->links,
                    $link,
                    new Point($place->x + ($link > $this->step ? -15.0 : 15.0), $place->y),
                );
            }
        }

        return $marks;
    }

    public function tip(): Point
    {
        return new Point(
            CloseUpSheet::HOOK,
            $this->hook() - $this->size() * ($this->links->range->to - $this->step) - self::SHACKLE,
        );
    }

    /** @return list<float> the links, the free end first */
    private function whole(): array
    {
        return array_values(
            array_filter($this->links->range->all(), static fn (float $step): bool => abs($step - round($step)) < 1e-6),
        );
    }

    private function place(float $link): Point
    {
        $isLoose = $link < $this->step - 1e-9;

        return new Point(
            CloseUpSheet::HOOK + ($isLoose ? self::LOOSE_BEHIND : 0.0),
            $this->hook() - $this->size() * abs($link - $this->step),
        );
    }

    /** Every other link stands edge-on, as in a chain that hangs straight. */
    private function link(Point $at, float $link): Figure
    {
        $half = $this->isOdd($link) ? 2.5 : 6.0;
        $long = $this->size() / 2 + 1.5;

        return Figure::rounded(DrawnPart::Link, [
            [$at->x - $half, $at->y - $long, $half],
            [$at->x - $half, $at->y + $long, $half],
            [$at->x + $half, $at->y + $long, $half],
            [$at->x + $half, $at->y - $long, $half],
        ]);
    }

    private function isOdd(float $link): bool
    {
        return (int) round($link - $this->links->range->from) % 2 === 1;
    }

    /** From one link to the next. */
    private function size(): float
    {
        return min(
            self::LONGEST_LINK,
            ($this->hook() - self::SHACKLE - CloseUpSheet::FLOOR) /
                max(1.0, $this->links->range->to - $this->links->range->from),
        );
    }

    private function hook(): float
    {
        return CloseUpSheet::FRAME - self::HOOK_BELOW_FRAME;
    }
}
