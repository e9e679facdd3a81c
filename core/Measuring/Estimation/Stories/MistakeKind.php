<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Stories;

/** What may have gone wrong, and how often it does before anything is known (docs/model.md, More than one story). */
enum MistakeKind
{
    /** A reading that is not what the tape or the scale showed. */
    case Slip;
    /** Somebody in the cab, or gone from it, while the rig was taped. */
    case Aboard;
    /** A setting with a step more or fewer than was written down. */
    case Miscount;
    /** The tongue weight is not what was told of it. */
    case TongueWeight;
    /** Part of the tongue weight still stands on the jack, in every dropped reading. */
    case OnTheJack;
    /** One axle stands off the plane in every reading of a stance: a dip, a low tyre, the other side taped. */
    case OffThePlane;
    /** Both do, each by itself: the other side of the vehicle was taped, or tyres were pumped. */
    case OtherSide;
    /** Every setting was counted from the other end. */
    case Reversed;
    /** Front and rear were exchanged when they were written down. */
    case Swapped;
    /** Two stances were exchanged when they were written down: dropped for carried, alone for dropped. */
    case StancesSwapped;
    /** A fender creeps with the clock: air let out, levelling on. */
    case Wander;
    /** No reading of a fender is to be trusted: two readers, a tape held another way each time. */
    case Unreliable;

    /** Whether the hook-up that is on shows it as well as any other stance. */
    public function isSeenCarried(): bool
    {
        return in_array($this, [self::StancesSwapped, self::Wander, self::Unreliable], true);
    }

    /** How many readings it explains away at least, as far as the rest is trusted the less for it. */
    public function explainsAway(): int
    {
        return $this === self::StancesSwapped || $this === self::Unreliable ? 2 : 1;
    }

    /** One in so many. */
    public function oneIn(): float
    {
        return match ($this) {
            self::Slip, self::TongueWeight => 60.0,
            self::Aboard => 100.0,
            self::Miscount, self::Reversed => 40.0,
            self::OnTheJack => 60.0,
            self::OffThePlane => 80.0,
            self::OtherSide => 150.0,
            self::Swapped, self::StancesSwapped => 200.0,
            self::Wander, self::Unreliable => 100.0,
        };
    }
}
