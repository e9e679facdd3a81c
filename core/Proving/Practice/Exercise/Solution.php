<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Foundation\Units\Angle;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Parts\Stance;

/** How an exercise can be solved: looked for by the closed form, proved on the rig as it truly rests. */
final readonly class Solution
{
    /** Looked for well within the range. */
    private const BETWEEN = [0.58, 0.92];

    /** A head is moved, or a shank turned over, for more than this, mm. */
    private const WORTH_TURNING_MM = 10.0;

    public function __construct(private Exercise $exercise)
    {
    }

    /**
     * The setting nearest to the middle of the range, the head where it leaves the trailer level; null where there is
     * none.
     */
    public function best(): ?HitchPlace
    {
        $best = null;
        $off = INF;
        $middle = $this->exercise->goal()->band->middle();
        $head = $this->head();
        foreach ($this->exercise->adjusters->headAsIn($head->setting)->settings() as $setting) {
            $place = $head->at($setting);
            $share = $this->share($place);
            if ($share !== null && abs($share - $middle) < $off) {
                [$best, $off] = [$place, abs($share - $middle)];
            }
        }

        return $best !== null && $this->isSolved($best) ? $best : null;
    }

    /** Where head and shank bring the ball nearest to where it lets the trailer end level. */
    public function head(): HitchPlace
    {
        $nearest = $this->exercise->start;
        foreach ([$this->exercise->start, $this->exercise->start->turnedOver()] as $side) {
            $place = $side->at(
                $this->exercise->adjusters->headNearest($side->setting, $this->exercise->ballOff($side)),
            );
            $nearest =
                $this->offBy($place) < $this->offBy($nearest) - self::WORTH_TURNING_MM
                    ? $place
                    : $nearest;
        }

        return $nearest;
    }

    /** Whether the rig as it truly rests is in range and level there, all faults put right. */
    public function isSolved(HitchPlace $place): bool
    {
        $hidden = $this->exercise->hidden;
        $pitch = Angle::ofRadians($hidden->onTheRoad(Stance::Carried, $place, [])->trailerPitch);

        return $this->exercise->isInRange($hidden->share($place, [])) && $this->exercise->standsLevel($pitch);
    }

    /** How far the ball stands off where it lets the trailer end level, mm, either way. */
    private function offBy(HitchPlace $place): float
    {
        return $this->exercise->ballOff($place)->absolute()->millimetres();
    }

    /**
     * What it restores by the closed form; null where that is out of range, the trailer not level or a bar past its
     * rating.
     */
    private function share(HitchPlace $place): ?float
    {
        $hidden = $this->exercise->hidden;
        $bars = $hidden->truth->bars();
        $rig = new CoupledRig(
            $hidden->truth->vehicle(),
            $hidden->truth->trailer(),
            new Bars($bars->count, $bars->rate, $bars->arm, $hidden->ballOverCoupler($place)->millimetres()),
        );
        $carried = $rig->carried($hidden->tensionAt($place, []));
        $share = $carried->frontRestored();
        $rating = $this->exercise->rig->told->inPlace()->barRating()?->kilograms() ?? INF;
        $isSound =
            $share >= self::BETWEEN[0] &&
            $share <= self::BETWEEN[1] &&
            $this->exercise->standsLevel($carried->trailerPitchAngle()) &&
            $carried->barLoad()->kilograms() / $bars->count <= $rating;

        return $isSound ? $share : null;
    }
}
