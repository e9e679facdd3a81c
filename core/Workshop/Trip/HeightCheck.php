<?php

declare(strict_types=1);

namespace Yoke\Workshop\Trip;

use Yoke\Foundation\Units\Bounds;

/**
 * Two fender heights that an owner tapes, held against the card: both as changes from the heights of the set-up, mm.
 */
final readonly class HeightCheck
{
    /** An owner's tape, springs that did not settle, and a load that is guessed. */
    private const WITHIN_MM = 6.0;

    /** Heights farther from those of the set-up are none of this rig, mm. */
    public const FARTHEST_MM = 60.0;

    public function __construct(private TripEntry $entry)
    {
    }

    /** Between which the front fender stands as it should. */
    public function front(): Bounds
    {
        return Bounds::about($this->entry->front, self::WITHIN_MM);
    }

    /** As front. */
    public function rear(): Bounds
    {
        return Bounds::about($this->entry->rear, self::WITHIN_MM);
    }

    /** @param  float  $front  how much higher than at the set-up it was taped, mm */
    public function finding(float $front, float $rear): HeightFinding
    {
        return HeightFinding::of($this->front()->side($front), $this->rear()->side($rear));
    }
}
