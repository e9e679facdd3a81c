<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Measuring\Estimation\Posterior;
use Yoke\Proving\Playing\Finish;

/** How a player left a rig of the contest, and what was claimed on the way. */
final readonly class ContestResult
{
    /**
     * @param  float  $highest  share truly restored on the way
     * @param  list<array{float, float}>  $claims  for each setting hooked up by the advice: the chance claimed, the
     *     share it truly restored
     * @param  float|null  $claimed  the chance to be in range that was claimed at the end; null where none was
     * @param  bool|null  $named  whether what went wrong was named at any time; null where nothing did
     * @param  Posterior|null  $told  what all readings told in the end; null of a player who fits nothing
     * @param  list<array{float, float}>  $foreseen  with each advice: minutes that were said to go, and that it took
     */
    public function __construct(
        public Finish $finish,
        public float $highest,
        public array $claims = [],
        public ?float $claimed = null,
        public ?bool $named = null,
        public ?Posterior $told = null,
        public array $foreseen = [],
    ) {
    }
}
