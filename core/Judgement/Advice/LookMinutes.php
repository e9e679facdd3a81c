<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/** What looks cost besides reading a stance again: settings of the shop, minutes. */
final readonly class LookMinutes
{
    public function __construct(
        public float $fourHeights = 8.0,
        public float $barGap = 3.0,
        public float $scale = 25.0,
    ) {
    }
}
