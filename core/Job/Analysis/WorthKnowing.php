<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Job\Planning\Assumption;

/** Something assumed, and what measuring it would do. */
final readonly class WorthKnowing
{
    /**
     * @param  float|null  $chanceNow  of the best first setting to land in range; null once something is hooked up
     * @param  float  $doubtNow  of the restored share, one deviation
     */
    public function __construct(
        public Assumption $assumption,
        public ?float $chanceNow,
        public ?float $chanceThen,
        public float $doubtNow,
        public float $doubtThen,
    ) {
    }

    /** How useful, to rank by. */
    public function gain(): float
    {
        return $this->chanceNow === null || $this->chanceThen === null
            ? $this->doubtNow - $this->doubtThen
            : $this->chanceThen - $this->chanceNow;
    }
}
