<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Debrief;

use Yoke\Foundation\Units\Angle;
use Yoke\Job\Shop\ShopRules;
use Yoke\Proving\Practice\Act\SafetyViolation;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Parts\Stance;

/** How somebody left a rig. */
final readonly class Finish
{
    /**
     * @param  float  $share  of the front axle load truly restored, on the road
     * @param  Angle  $pitch  of the trailer there, nose-up positive
     */
    private function __construct(
        public int $hookUps,
        public float $minutes,
        public float $share,
        public bool $isInRange,
        public Angle $pitch,
        public ?SafetyViolation $breach,
    ) {
    }

    public static function of(Run $run): self
    {
        $now = $run->situation();
        $share = $run->share();
        $pitch = $run->exercise->hidden->onTheRoad(
            $now->isHooked ? Stance::Carried : Stance::Dropped,
            $now->hitch,
            $now->faults,
        )->trailerPitch;

        return new self(
            count($run->hookUps()),
            $run->minutes(),
            $share,
            $run->breach() === null && $run->exercise->isInRange($share),
            Angle::ofRadians($pitch),
            $run->breach(),
        );
    }

    public function isLevel(): bool
    {
        return ShopRules::usual()->tolerances->standsLevel($this->pitch);
    }
}
