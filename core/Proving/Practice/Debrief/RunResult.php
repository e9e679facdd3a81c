<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Debrief;

use Yoke\Foundation\Units\Angle;
use Yoke\Job\Shop\ShopRules;
use Yoke\Proving\Playing\Finish;
use Yoke\Proving\Practice\Act\SafetyViolation;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Parts\Stance;

/** How somebody left the rig of an exercise. */
final readonly class RunResult
{
    private function __construct(
        public Finish $finish,
        /** Of the trailer on the road, nose-up positive. */
        public Angle $pitch,
        public ?SafetyViolation $breach,
    ) {
    }

    public static function of(Run $run): self
    {
        $now = $run->situation();
        $pitch = $run->exercise->hidden->onTheRoad(
            $now->isHooked ? Stance::Carried : Stance::Dropped,
            $now->hitch,
            $now->faults,
        )->trailerPitch;

        return new self(
            Finish::of(count($run->hookUps()), $run->minutes(), $run->share(), $run->exercise->goal()->band),
            Angle::ofRadians($pitch),
            $run->breach(),
        );
    }

    /** Safely left, and in range. */
    public function isDone(): bool
    {
        return $this->breach === null && $this->finish->isInRange;
    }

    public function isLevel(): bool
    {
        return ShopRules::usual()->tolerances->standsLevel($this->pitch);
    }
}
