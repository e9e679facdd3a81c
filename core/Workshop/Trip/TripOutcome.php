<?php

declare(strict_types=1);

namespace Yoke\Workshop\Trip;

/** What a load asks of the owner. The value is its key in words. */
enum TripOutcome: string
{
    /** The setting that is on stays. */
    case Stays = 'stays';

    /** The small adjuster is moved. */
    case Moves = 'moves';

    /** No small step brings it into range. */
    case BeyondSmallSteps = 'beyond';

    /** Something is over its rating as the rig would be driven: no setting is worth that. */
    case OverRating = 'over_rating';

    /** The tongue would lift off the ball. */
    case LiftsOff = 'lifts_off';

    /** There are no bars to set. */
    case NoBars = 'no_bars';

    /** Whether the rig is to be towed so, as far as the setting goes. */
    public function isInOrder(): bool
    {
        return $this === self::Stays || $this === self::Moves || $this === self::NoBars;
    }
}
