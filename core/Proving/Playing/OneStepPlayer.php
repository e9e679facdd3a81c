<?php

declare(strict_types=1);

namespace Yoke\Proving\Playing;

use Yoke\Judgement\Method\TargetRange;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Parts\Stance;

/** The habit by hand: the front fender, one step of the take-up at a time, nothing looked at besides. */
final readonly class OneStepPlayer
{
    private const MOST_HOOK_UPS = 12;

    public function play(RigInHand $rig, TargetRange $range): void
    {
        $alone = $rig->tapeFront(Stance::Alone);
        $dropped = $rig->tapeFront(Stance::Dropped);
        $takeUp = self::takeUp($rig->adjusters());
        $steps = $rig->adjusters()->get($takeUp)->range;
        $setting = $rig->setting();
        do {
            $rig->hookUp($setting);
            $carried = $rig->tapeFront(Stance::Carried);
            $seen = $dropped > $alone ? ($dropped - $carried) / ($dropped - $alone) : 0.0;
            $by = $seen < $range->from ? 1.0 : ($seen > $range->ceiling() ? -1.0 : 0.0);
            $step = $setting->step($takeUp) + $by;
            $isDone = $by === 0.0 || ! $steps->holds($step);
            $setting = $isDone ? $setting : $setting->with($takeUp, $step);
        } while (! $isDone && $rig->hookUps() < self::MOST_HOOK_UPS);
    }

    private static function takeUp(Adjusters $adjusters): string
    {
        foreach ($adjusters->all() as $adjuster) {
            if ($adjuster->role === Role::Tension) {
                return $adjuster->key;
            }
        }

        return $adjusters->all()[0]->key;
    }
}
