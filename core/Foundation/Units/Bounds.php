<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

/** From where to where a number may lie, both in the caller's unit, the lower first; both bounds belong to it. */
final readonly class Bounds
{
    public function __construct(public float $low, public float $high)
    {
    }

    /** As far to either side of a number. */
    public static function about(float $centre, float $half): self
    {
        return new self($centre - $half, $centre + $half);
    }

    /** @param  non-empty-list<float>  $values */
    public static function of(array $values): self
    {
        return new self(min($values), max($values));
    }

    /**
     * On which side of them a number lies: 0 within, -1 below, 1 above.
     *
     * @return int<-1, 1>
     */
    public function side(float $value): int
    {
        return match (true) {
            $value < $this->low => -1,
            $value > $this->high => 1,
            default => 0,
        };
    }
}
