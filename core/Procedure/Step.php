<?php

declare(strict_types=1);

namespace Yoke\Procedure;

/** One step of a procedure: what to do, why, the caution at the hand, what a helper calls and shows. */
final readonly class Step
{
    /**
     * @param  string  $key  unique in its procedure
     * @param  string  $says  an order, in a sentence; a question where it asks one
     * @param  string  $why  or an empty text
     * @param  string  $caution  or an empty text
     * @param  string  $calls  what the helper calls, or an empty text
     * @param  list<HandSignal>  $signals
     * @param  Need  $need  whether it may be left out
     */
    public function __construct(
        public string $key,
        public string $says,
        public string $why,
        public string $caution,
        public string $calls,
        public array $signals,
        public Need $need,
        public ?Question $asks = null,
    ) {
    }
}
