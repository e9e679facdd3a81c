<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation;

use Yoke\Measuring\Estimation\Prior\RigPrior;

/** Posteriors worked out each time they are asked for. */
final readonly class ComputedPosteriors implements Posteriors
{
    public function posterior(RigPrior $prior, array $observations): Posterior
    {
        return (new Estimation($prior, $observations))->posterior();
    }

    public function asRead(RigPrior $prior, array $observations): Posterior
    {
        return (new Estimation($prior, $observations))->asRead();
    }
}
