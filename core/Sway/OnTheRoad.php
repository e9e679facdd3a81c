<?php

declare(strict_types=1);

namespace Yoke\Sway;

/** What to do when a trailer sways on the road, in order. */
final class OnTheRoad
{
    /** @return non-empty-list<string> */
    public static function steps(): array
    {
        return [
            'Ease off the throttle. No hard braking.',
            'Hold the wheel steady; no steering against it, no speeding up to pull it straight.',
            'Where there is a manual lever, the trailer\'s brakes alone, gently.',
            'Stop where it is safe, and find the cause before going on: tongue, nose, front axle, tyres, speed, sway control, load.',
        ];
    }
}
