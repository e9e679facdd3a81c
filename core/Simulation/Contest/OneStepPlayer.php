<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Yoke\Method\Band;
use Yoke\Rig\Axle;

/** One link at a time by the front fender alone, from the middle setting: the way it is done by hand. */
final readonly class OneStepPlayer implements Player
{
    private const MINUTES = 6.0;

    private const MOST_HOOK_UPS = 12;

    public function play(SampledRig $lot, Reader $reader, Band $band): Finish
    {
        $alone = $reader->read($lot, Axle::Front, null);
        $dropped = $reader->read($lot, Axle::Front, $lot->truth->dropped());
        $setting = $lot->adjusters->middle();
        $links = $lot->adjusters->get('link')->range;
        $shares = [];
        do {
            $shares[] = $lot->share($setting);
            $carried = $reader->read($lot, Axle::Front, $lot->truth->carried($lot->tension + $lot->tensionOffset($setting)));
            $seen = $dropped > $alone ? ($dropped - $carried) / ($dropped - $alone) : 0.0;
            $step = $seen < $band->from ? 1.0 : ($seen > $band->to ? -1.0 : 0.0);
            $link = $setting->step('link') + $step;
            $setting = $setting->with('link', $link);
        } while ($step !== 0.0 && $links->holds($link) && count($shares) < self::MOST_HOOK_UPS);

        return new Finish(count($shares), self::MINUTES * (count($shares) - 1), $shares[count($shares) - 1], max($shares), []);
    }
}
