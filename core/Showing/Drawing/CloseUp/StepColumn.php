<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\CloseUp;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

/** The holes of an adjuster above each other, the least tension or the lowest at the bottom. */
final readonly class StepColumn
{
    /**
     * @param  Adjuster|null  $adjuster  null where there is one place only
     * @param  float  $low  height of the lowest hole
     * @param  float  $high  of the highest
     */
    public function __construct(private ?Adjuster $adjuster, private float $low, private float $high)
    {
    }

    /** The height of a step; half-way up where there is one place only. */
    public function at(float $step): float
    {
        $range = $this->adjuster?->range;

        return $range === null || $range->to <= $range->from
            ? ($this->low + $this->high) / 2
            : $this->low + (($this->high - $this->low) * ($step - $range->from)) / ($range->to - $range->from);
    }

    /** @return list<Figure> */
    public function holes(float $x, float $radius): array
    {
        return array_map(
            fn (float $step): Figure => Figure::circle(DrawnPart::Hole, new Point($x, $this->at($step)), $radius),
            $this->adjuster?->range->all() ?? [],
        );
    }

    /** @return list<StepMark> its numbers, none of them in use */
    public function unmarked(float $x): array
    {
        $adjuster = $this->adjuster;

        return $adjuster === null
            ? []
            : array_map(
                fn (float $step): StepMark => StepMark::other($adjuster, $step, new Point($x, $this->at($step))),
                $adjuster->range->all(),
            );
    }

    /** @return list<StepMark> a number beside each hole, the one that the hitch stands at in use */
    public function marks(float $x, float $stands): array
    {
        $adjuster = $this->adjuster;

        return $adjuster === null
            ? []
            : array_map(
                fn (float $step): StepMark => StepMark::at($adjuster, $step, new Point($x, $this->at($step)), $stands),
                $adjuster->range->all(),
            );
    }
}
