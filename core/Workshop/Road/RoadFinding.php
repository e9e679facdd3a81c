<?php

declare(strict_types=1);

namespace Yoke\Workshop\Road;

use Yoke\Workshop\Procedure\Station;

/** What a road test points at: a likely cause, and the station to revisit. */
final readonly class RoadFinding
{
    public function __construct(public RoadFindingKind $kind, public Station $station, public Severity $severity)
    {
    }
}
