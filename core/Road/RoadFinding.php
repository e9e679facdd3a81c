<?php

declare(strict_types=1);

namespace Yoke\Road;

use Yoke\Procedure\Station;

/** What a road test points at: a likely cause, and the station to revisit. */
final readonly class RoadFinding
{
    public function __construct(public string $what, public string $why, public Station $station, public Severity $severity)
    {
    }
}
