<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Measuring\Estimation\Posterior;

/** How a player left a rig. */
final readonly class Finish
{
    /**
     * @param  int  $hookUps  settings hooked up, the first among them
     * @param  float  $minutes  for changes and for looks
     * @param  float  $share  of the front axle load truly restored at the end
     * @param  float  $highest  the highest share truly restored on the way
     * @param  list<array{float, float}>  $claims  for each setting hooked up: the chance claimed, the share it truly
     *     restored
     * @param  float|null  $claimed  the chance to be in range that was claimed at the end; null where none was
     * @param  bool|null  $named  whether what went wrong was named at any time; null where nothing did
     * @param  Posterior|null  $told  what all readings told in the end; null of a player who fits nothing
     */
    public function __construct(
        public int $hookUps,
        public float $minutes,
        public float $share,
        public float $highest,
        public array $claims,
        public ?float $claimed = null,
        public ?bool $named = null,
        public ?Posterior $told = null,
    ) {
    }

    /** @param  list<array{float, float}>  $claims */
    public static function of(
        HookUps $hookUps,
        float $minutes,
        array $claims,
        ?float $claimed = null,
        ?bool $named = null,
        ?Posterior $told = null,
    ): self {
        return new self(
            $hookUps->many(),
            $minutes,
            $hookUps->share(),
            $hookUps->highest(),
            $claims,
            $claimed,
            $named,
            $told,
        );
    }
}
