<?php

declare(strict_types=1);

namespace Yoke\Workshop\Trip;

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

    /** @return array{float, float} between which the front fender stands as it should */
    public function front(): array
    {
        return [$this->entry->front - self::WITHIN_MM, $this->entry->front + self::WITHIN_MM];
    }

    /** @return array{float, float} as front */
    public function rear(): array
    {
        return [$this->entry->rear - self::WITHIN_MM, $this->entry->rear + self::WITHIN_MM];
    }

    /** @param  float  $front  how much higher than at the set-up it was taped, mm */
    public function finding(float $front, float $rear): HeightFinding
    {
        return HeightFinding::of(self::place($front, $this->front()), self::place($rear, $this->rear()));
    }

    /**
     * @param  array{float, float}  $bounds
     * @return int<-1, 1>
     */
    private static function place(float $off, array $bounds): int
    {
        return match (true) {
            $off < $bounds[0] => -1,
            $off > $bounds[1] => 1,
            default => 0,
        };
    }
}
