<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

use Yoke\Foundation\Probability\Normal;
use Yoke\Workshop\Procedure\Station;

/** One thing about a rig that invites sway, or may. */
final readonly class SwayRisk
{
    /**
     * @param  float  $weight  how strongly it invites, or how likely it is there: 0 to 1, to rank by
     * @param  Station  $station  where it is mended
     * @param  Normal|null  $figure  the rig's own: a share of gross, or of the front axle load; degrees nose-up; mm of
     *     bar bend, or of the cams' way
     * @param  list<SwayCheck>  $checks  that found it, or that nobody answered
     */
    public function __construct(
        public SwayRiskKind $kind,
        public float $weight,
        public Station $station,
        public ?Normal $figure = null,
        public array $checks = [],
    ) {
    }
}
