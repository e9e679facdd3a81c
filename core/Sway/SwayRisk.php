<?php

declare(strict_types=1);

namespace Yoke\Sway;

use Yoke\Procedure\Station;

/** One thing about a rig that invites sway, or may. */
final readonly class SwayRisk
{
    /**
     * @param  string  $what  short, as a heading
     * @param  float  $weight  how strongly it invites, or how likely it is there: 0 to 1, to rank by
     * @param  string  $why  with the rig's own figures
     * @param  Station  $station  where it is mended
     */
    public function __construct(public string $what, public float $weight, public string $why, public string $remedy, public Station $station)
    {
    }
}
