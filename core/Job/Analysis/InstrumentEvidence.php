<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\Verdict;

/** What one instrument says for itself of the hook-up that is on. */
final readonly class InstrumentEvidence
{
    /** @param  Normal  $share  of the front axle load restored */
    public function __construct(public Instrument $instrument, public Normal $share, public Verdict $verdict)
    {
    }
}
