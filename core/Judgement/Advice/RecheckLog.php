<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Rig\Parts\Stance;

/**
 * What was looked at so far: how often each stance was taped, whether the links of the hook-up that is on were counted
 * again.
 */
final readonly class RecheckLog
{
    /**
     * @param  int  $carried  at the hook-up that is on
     * @param  int  $hookUp  that is on, from 1; 0 before the first
     * @param  int  $counts  how often its setting was counted again; where it cannot be, as often as anybody would
     */
    public function __construct(
        public int $alone,
        public int $dropped,
        public int $carried,
        public int $hookUp = 1,
        public int $counts = PHP_INT_MAX,
    ) {
    }

    /** The hook-up that is on, so often taped; nothing else is looked at again. */
    public static function carriedTimes(int $times): self
    {
        return new self(0, 0, $times);
    }

    /**
     * @param  list<Observation>  $observations
     * @param  int  $hookUp  that is on, from 1; 0 before the first
     * @param  int  $carried  how often it was read
     */
    public static function in(array $observations, int $hookUp, int $carried): self
    {
        $times = [];
        $isCounted = true;
        foreach ($observations as $observation) {
            $stance = $observation->context->stance;
            if ($observation->observed->isHeight()) {
                $times[$stance->value][$observation->observed->name] =
                    ($times[$stance->value][$observation->observed->name] ?? 0) + 1;
            }
            $isCounted =
                $isCounted &&
                ! (
                    $hookUp > 0 &&
                    $observation->context->hookUp->number === $hookUp &&
                    $observation->context->hookUp->step > 0.0
                );
        }

        return new self(
            max([0, ...$times[Stance::Alone->value] ?? []]),
            max([0, ...$times[Stance::Dropped->value] ?? []]),
            $carried,
            $hookUp,
            $isCounted ? PHP_INT_MAX : 0,
        );
    }

    public function times(Recheck $look): int
    {
        return match ($look) {
            Recheck::Alone => $this->alone,
            Recheck::Dropped => $this->dropped,
            Recheck::Carried => $this->carried,
            Recheck::Count => $this->counts,
        };
    }
}
