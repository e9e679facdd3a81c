<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Posteriors;
use Yoke\Measuring\Estimation\Prior\RigPrior;

/** One posterior, whatever was read. */
final readonly class GivenFit implements Posteriors
{
    public function __construct(private Posterior $posterior)
    {
    }

    public function posterior(RigPrior $prior, array $observations): Posterior
    {
        return $this->posterior;
    }

    public function asRead(RigPrior $prior, array $observations): Posterior
    {
        return $this->posterior;
    }
}
