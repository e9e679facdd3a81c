<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Judgement\Method\TargetRange;
use Yoke\Rig\Parts\Stance;

/** One link at a time by the front fender alone, from the middle setting: the way it is done by hand. */
final readonly class OneStepPlayer implements Player
{
    private const MINUTES = 6.0;

    private const MOST_HOOK_UPS = 12;

    public function play(HookUps $hookUps, TapeReader $tape, TargetRange $band): Finish
    {
        $alone = $tape->read(Stance::Alone)['front'];
        $dropped = $tape->read(Stance::Dropped)['front'];
        $setting = $hookUps->lot->adjusters->middle();
        $links = $hookUps->lot->adjusters->get('link')->range;
        do {
            $hookUps->hookUp($setting);
            $carried = $tape->read(Stance::Carried, $hookUps->on())['front'];
            $seen = $dropped > $alone ? ($dropped - $carried) / ($dropped - $alone) : 0.0;
            $step = $seen < $band->from ? 1.0 : ($seen > $band->to ? -1.0 : 0.0);
            $link = $setting->step('link') + $step;
            $setting = $setting->with('link', $link);
        } while ($step !== 0.0 && $links->holds($link) && $hookUps->many() < self::MOST_HOOK_UPS);

        return Finish::of($hookUps, self::MINUTES * ($hookUps->many() - 1), []);
    }
}
