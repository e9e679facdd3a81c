<?php

declare(strict_types=1);

namespace Yoke\Rig\Adjuster;

/** The steps that an adjuster can stand at, least tension first. */
final readonly class StepRange
{
    /** How far a step may be off by the arithmetic of floats. */
    private const SAME = 1e-6;

    /**
     * @param  float  $from  the step of least tension
     * @param  float  $to  the step of most tension; not below `from`
     * @param  float  $grain  1, or 0.5 where half steps can be set
     */
    public function __construct(public float $from, public float $to, public float $grain = 1.0)
    {
    }

    public function inHalves(): self
    {
        return new self($this->from, $this->to, 0.5);
    }

    /** @return non-empty-list<float> */
    public function all(): array
    {
        $steps = [$this->from];
        for ($i = 1; $this->from + $i * $this->grain <= $this->to + self::SAME; $i++) {
            $steps[] = $this->from + $i * $this->grain;
        }

        return $steps;
    }

    public function holds(float $step): bool
    {
        $places = ($step - $this->from) / $this->grain;

        return $step >= $this->from - self::SAME &&
            $step <= $this->to + self::SAME &&
            abs($places - round($places)) < self::SAME;
    }

    /** The step nearest to a place in the range. */
    public function nearest(float $place): float
    {
        return max(
            $this->from,
            min($this->to, $this->from + round(($place - $this->from) / $this->grain) * $this->grain),
        );
    }

    /** The middle, which need not be a step. */
    public function middle(): float
    {
        return ($this->from + $this->to) / 2;
    }

    /** The step at the middle or next below it. */
    public function middleStep(): float
    {
        return $this->from + floor(($this->middle() - $this->from) / $this->grain) * $this->grain;
    }

    /** The same step counted from the other end. */
    public function fromOtherEnd(float $step): float
    {
        return $this->from + $this->to - $step;
    }
}
