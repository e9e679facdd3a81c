<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

/** Where somebody can look; each look takes its minute. */
enum Place: string
{
    case Coupler = 'coupler';
    case JackFoot = 'jack_foot';
    case Chains = 'chains';
    case Bars = 'bars';
    /** Seen from below: never while the tongue jack holds the rig. */
    case Brackets = 'brackets';
    case Cab = 'cab';
    case Tyres = 'tyres';
    case Ground = 'ground';
    /** What stands where in the trailer. */
    case Load = 'load';

    public function isUnderneath(): bool
    {
        return $this === self::Brackets;
    }
}
