<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/** A look, what it costs, and what it saves on the way to the end. */
final readonly class LookOffer
{
    /** Of a look that saves less nobody speaks, minutes. */
    private const WORTH_SAYING = 0.5;

    /**
     * @param  float  $minutes  that it takes, above 0
     * @param  float  $saves  minutes of hook-ups that it makes needless, on average; 0 or more
     */
    public function __construct(
        public LookKind $what,
        public LookWay $how,
        public float $minutes,
        public float $saves,
    ) {
    }

    /** Whether it saves more than it costs. */
    public function isWorth(): bool
    {
        return $this->saves > $this->minutes;
    }

    /** Whether it saves anything that anybody would speak of. */
    public function isWorthSaying(): bool
    {
        return $this->saves >= self::WORTH_SAYING;
    }

    /** Minutes saved less minutes spent, to rank by. */
    public function net(): float
    {
        return $this->saves - $this->minutes;
    }
}
