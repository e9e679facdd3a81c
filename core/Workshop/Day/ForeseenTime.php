<?php

declare(strict_types=1);

namespace Yoke\Workshop\Day;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Advice\ExpectedHookUps;
use Yoke\Workshop\Procedure\Station;

/** How long a job still takes, with a range that holds four times in five. */
final readonly class ForeseenTime
{
    private const CHANCE = 0.9;

    /** Deviations from the middle to either end of the range. */
    private const END = 1.2816;

    private function __construct(
        /** Minutes, 0 or more. */
        public float $mean,
        public float $least,
        public float $most,
    ) {
    }

    /**
     * @param  list<Station>  $left  stations that are not closed
     * @param  ExpectedHookUps|null  $hookUps  still to come; null where none is
     * @param  int  $step  minutes that a change of the small adjuster takes
     * @param  Normal  $pace  logarithm of the shop's own times over the usual ones
     */
    public static function of(array $left, ?ExpectedHookUps $hookUps, int $step, Normal $pace): self
    {
        $stations = array_sum(array_map(StationTimes::usual(...), $left));
        $hookUp = StationTimes::hookUp($step);
        [$mean, $few, $many] =
            $hookUps === null ? [0.0, 0, 0] : [$hookUps->mean(), 1, $hookUps->enoughWith(self::CHANCE)];
        $speed = exp($pace->mean());
        $spread = exp(self::END * $pace->deviation());

        return new self(
            $speed * ($stations + $mean * $hookUp),
            ($speed * ($stations + $few * $hookUp)) / $spread,
            $speed * ($stations + $many * $hookUp) * $spread,
        );
    }
}
