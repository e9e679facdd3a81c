<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

use Yoke\Rig\Family\HitchFamily;

/** One step of a procedure; what it says stands at the edge. */
final readonly class Step
{
    /**
     * @param  string  $key  unique in its procedure; what became of the step is stored by it
     * @param  string  $does  the key of its words
     * @param  list<HandSignal>  $signals
     * @param  Need  $need  whether it may be left out
     * @param  HitchFamily|null  $family  whose own words it has; null where every hitch has the same
     */
    public function __construct(
        public Occasion $occasion,
        public string $key,
        public string $does,
        public array $signals,
        public Need $need,
        public ?Question $asks = null,
        public ?HitchFamily $family = null,
    ) {
    }
}
