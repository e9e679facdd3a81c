<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/**
 * How many hook-ups a rig probably takes until it is in range, the first among them (docs/model.md, Hook-ups to come).
 */
final readonly class ExpectedHookUps
{
    /** Chance that a hook-up after the first ends it: measured on simulated rigs, plain and moderate. */
    private const AFTERWARDS = 0.62;

    /** However little is known, it takes no more than so many. */
    private const MOST = 6;

    private function __construct(
        /** 0 to 1. */
        private float $first,
    ) {
    }

    /** @param  float  $chance  that the first hook-up is in range, 0 to 1 */
    public static function from(float $chance): self
    {
        return new self(max(0.0, min(1.0, $chance)));
    }

    /** 1 or more. */
    public function mean(): float
    {
        return min((float) self::MOST, 1.0 + (1.0 - $this->first) / self::AFTERWARDS);
    }

    /**
     * So many or fewer are enough with that chance.
     *
     * @param  float  $chance  0 to 1
     */
    public function enoughWith(float $chance): int
    {
        $left = 1.0 - $this->first;
        for ($many = 1; $many < self::MOST && 1.0 - $left < $chance; $many++) {
            $left *= 1.0 - self::AFTERWARDS;
        }

        return $many;
    }
}
