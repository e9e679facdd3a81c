<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

/** Two instruments whose shares differ by more than two of their deviations. */
final readonly class Disagreement
{
    public function __construct(
        public InstrumentEvidence $one,
        public InstrumentEvidence $other,
        public DisagreementCause $cause,
    ) {
    }
}
