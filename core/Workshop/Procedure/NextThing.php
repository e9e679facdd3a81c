<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

use Yoke\Rig\Family\HitchFamily;

/** One thing to do, and the station where it is done. */
final readonly class NextThing
{
    public function __construct(public NextDeed $deed, public Station $station)
    {
    }

    /** The same for whoever stands at a station: at Dropped, what comes before coupling was left out. */
    public function seenFrom(Station $here): self
    {
        return $here === Station::Dropped && $this->deed->isBeforeCoupling()
            ? new self(NextDeed::MeasureDropped, Station::Dropped)
            : $this;
    }

    /** The station to go on at for whoever leaves it out; null where it cannot be left out. */
    public function whenLeftOut(?HitchFamily $family): ?Station
    {
        return match (true) {
            ! $this->deed->canBeSkipped() => null,
            $this->deed->isBeforeCoupling() => Station::Dropped,
            default => $this->station->next($family),
        };
    }
}
