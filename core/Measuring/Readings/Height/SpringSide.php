<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/**
 * On which side of rest an axle's springs stick (docs/model.md, Friction with a side), as a share of what they may
 * stick:
 * above 0 the fender stands high, below 0 low. What is let down from the jack comes to rest from above at the rear and
 * from
 * below at the front; what is levered up the other way round. Of the vehicle alone nobody knows.
 */
final class SpringSide
{
    /** Most bars are put on by the jack: nobody having asked, so much of its side is expected. */
    private const UNASKED = 0.4;

    public static function of(Stance $stance, Axle $axle, ?SetBy $setBy): float
    {
        $rear = match (true) {
            $stance === Stance::Alone => 0.0,
            $stance === Stance::Dropped, $setBy === SetBy::Jack => 1.0,
            $setBy === SetBy::Lever => -1.0,
            default => self::UNASKED,
        };

        return $axle === Axle::Rear ? $rear : -$rear;
    }
}
