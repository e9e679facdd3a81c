<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

/** One thing to do, and the station where it is done. */
final readonly class NextThing
{
    public function __construct(public NextDeed $deed, public Station $station)
    {
    }
}
